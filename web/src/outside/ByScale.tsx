import { useQuery } from '@tanstack/react-query';
import { Scale } from 'lucide-react';
import { useState } from 'react';
import { api } from '../api/client';
import { Button } from '../ui/Button';

/** How often the scale is asked, ms. */
const OFTEN = 700;
const TENTHS = 10;

const grams = (g: number) => `${Math.round(g * TENTHS) / TENTHS} g`;

/** Loops of a rest by their weight, with what they are within: first empty, then with the hair. */
export function ByScale({
  lineId,
  onWeighed,
}: {
  lineId: string;
  onWeighed: (loops: number) => void;
}) {
  const [isOn, setOn] = useState(false);
  if (!isOn) {
    return (
      <Button onClick={() => setOn(true)}>
        <Scale size={16} aria-hidden /> By the scale
      </Button>
    );
  }
  return (
    <Shown
      lineId={lineId}
      onWeighed={(loops) => {
        onWeighed(loops);
        setOn(false);
      }}
      onEnd={() => setOn(false)}
    />
  );
}

function Shown(props: { lineId: string; onWeighed: (loops: number) => void; onEnd: () => void }) {
  const [empty, setEmpty] = useState<number>();
  const scale = useQuery({
    queryKey: ['scale', props.lineId, empty],
    queryFn: () => api.weighed(props.lineId, empty ?? 0),
    refetchInterval: OFTEN,
    retry: false,
    gcTime: 0,
  });
  const shown = scale.data;
  const loops = empty === undefined ? null : shown?.loops;
  return (
    <section
      aria-label="By the scale"
      className="rounded-md border-l-4 border-thread bg-well px-3 py-2"
    >
      <p className="flex flex-wrap items-baseline gap-x-4" role="status">
        {loops ? (
          <>
            <span className="text-3xl leading-none font-semibold tabular-nums">
              {Math.round(loops.likely)}
            </span>
            <span>
              loops, between {Math.floor(loops.low)} and {Math.ceil(loops.high)}
            </span>
          </>
        ) : (
          <span>
            {empty === undefined
              ? 'First the scale with the empty bag.'
              : shown?.isAtRest === false
                ? 'Not at rest yet…'
                : 'Now the hair.'}
          </span>
        )}
        <span className="ml-auto text-soft tabular-nums">
          {shown ? grams(shown.grams - (empty ?? 0)) : '…'}
        </span>
      </p>
      {scale.error && (
        <p role="alert" className="mt-1 font-medium text-chalk">
          ✕ {scale.error.message}
        </p>
      )}
      <div className="mt-2 flex gap-2">
        {empty === undefined ? (
          <Button
            look="main"
            disabled={!shown?.isAtRest}
            onClick={() => setEmpty(shown?.grams ?? 0)}
          >
            This is empty
          </Button>
        ) : (
          <Button
            look="main"
            disabled={!loops || loops.likely <= 0}
            onClick={() => loops && props.onWeighed(Math.round(loops.likely))}
          >
            {loops && loops.likely > 0 ? `Take ${Math.round(loops.likely)}` : 'Take it'}
          </Button>
        )}
        <Button look="quiet" className="ml-auto" onClick={props.onEnd}>
          By hand
        </Button>
      </div>
    </section>
  );
}
