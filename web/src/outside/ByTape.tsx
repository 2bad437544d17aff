import { useQuery } from '@tanstack/react-query';
import { Ruler } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { api } from '../api/client';
import type { MeasureField, MeasureWords, Piece } from '../api/types';
import { Button } from '../ui/Button';
import { useLengths } from '../ui/prefs';

/** How often the tape is asked, ms: as fast as a hand lays it on. */
const OFTEN = 400;

interface Props {
  measures: MeasureWords[];
  onTaken: (field: MeasureField, mm: number) => void;
}

/** The measures one after the other by a tape that sends them; what cannot be is told, and taken once more. */
export function ByTape(props: Props) {
  const [isOn, setOn] = useState(false);
  if (!isOn) {
    return (
      <Button className="justify-self-start" onClick={() => setOn(true)}>
        <Ruler size={16} aria-hidden /> By the tape
      </Button>
    );
  }
  return <Listening {...props} onEnd={() => setOn(false)} />;
}

function Listening({ measures, onTaken, onEnd }: Props & { onEnd: () => void }) {
  const lengths = useLengths();
  const [place, setPlace] = useState(0);
  const [trouble, setTrouble] = useState<Piece[]>([]);
  const [taken, setTaken] = useState<number>();
  const after = useRef<number>(undefined);
  const measure = measures[place];
  const tape = useQuery({
    queryKey: ['tape', place],
    queryFn: () => api.taped(after.current, measure?.field),
    enabled: measure !== undefined,
    refetchInterval: OFTEN,
    retry: false,
    gcTime: 0,
  });
  const heard = tape.data;
  useEffect(() => {
    if (!heard || !measure) return;
    if (after.current === undefined) {
      after.current = heard.last;
      return;
    }
    const next = heard.heard.find((h) => h.number > (after.current ?? 0));
    if (!next) return;
    after.current = next.number;
    // What is shown follows what the tape sent, which comes from outside.

    setTrouble(next.trouble);
    if (next.trouble.length > 0) return;
    setTaken(next.mm);
    onTaken(measure.field as MeasureField, next.mm);
    setPlace(place + 1);
  }, [heard, measure, place, onTaken]);
  return (
    <section
      aria-label="By the tape"
      className="col-span-full rounded-md border-l-4 border-thread bg-well px-3 py-2"
    >
      <p role="status" className="leading-tight">
        {measure ? (
          <>
            <span className="text-sm text-soft">Lay it on </span>
            <strong className="text-lg">{measure.words}</strong>
            <span className="text-sm text-soft">, {measure.where}</span>
          </>
        ) : (
          <strong className="text-lg">All of them are taken.</strong>
        )}
        {taken !== undefined && trouble.length === 0 && (
          <span className="block text-sm text-soft">
            {lengths.say(taken)} for {measures[place - 1]?.words}
          </span>
        )}
      </p>
      {(trouble.length > 0 || tape.error) && (
        <p role="alert" className="mt-1 font-medium text-chalk">
          ✕ {tape.error ? tape.error.message : lengths.told({ message: '', words: trouble })}
        </p>
      )}
      <div className="mt-2 flex flex-wrap gap-2">
        {place > 0 && (
          <Button
            onClick={() => {
              setTrouble([]);
              setTaken(undefined);
              setPlace(place - 1);
            }}
          >
            Once more
          </Button>
        )}
        {measure && !measure.isRequired && (
          <Button look="quiet" onClick={() => setPlace(place + 1)}>
            Leave it out
          </Button>
        )}
        <Button look={measure ? 'quiet' : 'main'} className="ml-auto" onClick={onEnd}>
          {measure ? 'By hand' : 'Done'}
        </Button>
      </div>
    </section>
  );
}
