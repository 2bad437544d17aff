import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { ImageDown } from 'lucide-react';
import { lazy, Suspense, useEffect, useMemo, useRef, useState } from 'react';
import { api } from '../../../api/client';
import { Button } from '../../../ui/Button';
import { usePrefs } from '../../../ui/prefs';
import { Switch } from '../../../ui/Switch';
import { Tick } from '../../../ui/Tick';
import type { Picture } from '../../../viz/round/HeadView';
import { VIEWS } from '../../../viz/round/views';
import { SKIN_TONES } from '../../../viz/skinTones';
import { fileName, offerFile } from '../paper/offerFile';
import { useBench, useComputed } from '../draft/useBench';

// What draws in the round is large, and is fetched while the hair is worked out.
const fetchView = () => import('../../../viz/round/HeadView');
const HeadView = lazy(fetchView);

/** The same head in the round, hooked and worn, to be turned; asked for only while it is looked at. */
export function HeadInTheRound() {
  const brief = useBench((b) => b.brief);
  const heldRow = useBench((b) => b.heldRow);
  const how = useBench((b) => b.worn);
  const name = useBench((b) => b.name);
  const { plan } = useComputed();
  const { skin, set } = usePrefs();
  const [hasHair, setHair] = useState(true);
  const [isMarked, setMarked] = useState(false);
  const [view, setView] = useState(VIEWS[1] ?? VIEWS[0]);
  const picture = useRef<Picture>(null);
  useEffect(() => {
    void fetchView();
  }, []);
  const solid = useQuery({
    queryKey: ['solid', brief],
    queryFn: () => api.solid(brief),
    placeholderData: keepPreviousData,
    gcTime: 0,
    retry: false,
  });
  const look = useQuery({
    queryKey: ['look', brief, how.way, how.part, how.gap, how.day],
    queryFn: () => api.look({ brief, worn: { ...how, isRough: false } }),
    placeholderData: keepPreviousData,
    gcTime: 0,
    retry: false,
  });
  const named = plan?.hairs.map((h) => h.colour).join('|') ?? '';
  const colours = useMemo(() => named.split('|'), [named]);
  const tone = SKIN_TONES.find((t) => t.id === skin) ?? SKIN_TONES[3];
  if (!solid.data || (hasHair && !look.data) || !view) {
    const error = solid.error ?? look.error;
    return <Turning words={error ? error.message : 'Turning the head…'} />;
  }
  const save = async () => {
    const png = await picture.current?.png();
    if (png) offerFile(fileName(`${name} ${view.words}`, 'png'), 'image/png', png);
  };
  return (
    <div className="relative flex min-h-0 min-w-0 flex-1">
      <Suspense fallback={<Turning words="Turning the head…" />}>
        <HeadView
          ref={picture}
          solid={solid.data}
          heldRow={hasHair ? undefined : heldRow}
          look={hasHair ? look.data : undefined}
          colours={colours}
          skin={tone.colour}
          view={view}
          onView={setView}
          isMarked={isMarked}
        />
      </Suspense>
      <div className="absolute top-2 left-2 flex max-w-44 flex-col gap-1 rounded-md bg-sheet/90 px-2 py-1 text-sm">
        <Tick words="with its hair" isOn={hasHair} onChange={setHair} />
        {hasHair && <Tick words="mark where skin shows" isOn={isMarked} onChange={setMarked} />}
        {look.data && hasHair && (
          <p className="px-1 text-soft">
            worn {look.data.words}, day {how.day}
          </p>
        )}
        <Button look="quiet" onClick={() => void save()}>
          <ImageDown size={15} aria-hidden /> save the picture
        </Button>
      </div>
      <Tones tone={tone.id} onChoose={(id) => set({ skin: id })} />
      <div className="pointer-events-none absolute inset-x-2 bottom-2 overflow-x-auto text-center [&>*]:pointer-events-auto [&>*]:max-w-none [&>*]:bg-sheet">
        <Switch
          label="Seen from"
          value={view.id}
          options={VIEWS.map((v) => ({ value: v.id, words: v.words }))}
          onChoose={(id) => setView(VIEWS.find((v) => v.id === id) ?? view)}
        />
      </div>
    </div>
  );
}

function Turning({ words }: { words: string }) {
  return (
    <p className="m-auto text-soft" role="status">
      {words}
    </p>
  );
}

/** Skin tones, as dots to choose from. */
function Tones({ tone, onChoose }: { tone: string; onChoose: (id: string) => void }) {
  return (
    <fieldset className="absolute top-2 right-2 flex flex-col gap-1 rounded-md bg-sheet/90 p-1">
      <legend className="sr-only">Skin</legend>
      {SKIN_TONES.map((t) => (
        <label
          key={t.id}
          title={t.words}
          className="grid size-7 cursor-pointer place-items-center rounded-full has-checked:ring-2 has-checked:ring-thread has-focus-visible:outline-2"
        >
          <input
            type="radio"
            name="skin"
            className="sr-only"
            checked={t.id === tone}
            onChange={() => onChoose(t.id)}
            aria-label={t.words}
          />
          <span
            className="size-5 rounded-full border border-edge"
            style={{ background: t.colour }}
          />
        </label>
      ))}
    </fieldset>
  );
}
