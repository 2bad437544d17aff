import { useQuery, keepPreviousData } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '../../../api/client';
import { Tick } from '../../../ui/Tick';
import { HeadView } from '../../../viz/round/HeadView';
import { useBench, useComputed } from '../draft/useBench';

/** The same head in the round, hooked and worn, to be turned; asked for only while it is looked at. */
export default function HeadInTheRound() {
  const brief = useBench((b) => b.brief);
  const heldRow = useBench((b) => b.heldRow);
  const how = useBench((b) => b.worn);
  const { plan } = useComputed();
  const [hasHair, setHair] = useState(true);
  const solid = useQuery({
    queryKey: ['solid', brief],
    queryFn: () => api.solid(brief),
    placeholderData: keepPreviousData,
    gcTime: 0,
    retry: false,
  });
  const worn = useQuery({
    queryKey: ['hair', brief, how.way, how.part, how.gap],
    queryFn: () => api.wear({ brief, worn: { ...how, day: 0, isRough: false }, withHair: true }),
    placeholderData: keepPreviousData,
    gcTime: 0,
    retry: false,
  });
  if (!solid.data) {
    return (
      <p className="m-auto text-soft" role="status">
        {solid.error ? solid.error.message : 'Turning the head…'}
      </p>
    );
  }
  return (
    <div className="relative flex min-h-0 min-w-0 flex-1">
      <HeadView
        solid={solid.data}
        heldRow={heldRow}
        hair={hasHair ? (worn.data?.hair ?? []) : []}
        colours={plan?.hairs.map((h) => h.colour) ?? []}
        loft={worn.data?.loftByDay[how.day] ?? 1}
      />
      <div className="absolute top-2 left-2 rounded-md bg-sheet/90 px-2 py-1 text-sm">
        <Tick words="with its hair" isOn={hasHair} onChange={setHair} />
        {worn.data && hasHair && (
          <p className="px-1 text-soft">
            worn {worn.data.words}, day {how.day}
          </p>
        )}
      </div>
    </div>
  );
}
