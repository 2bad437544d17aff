import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '../../../api/client';
import { Button } from '../../../ui/Button';
import { usePrefs } from '../../../ui/prefs';
import { useRead } from '../draft/useBench';
import { Tour } from './Tour';

/**
 * Offers to show whoever made her first plan round the bench; once, and never to somebody who has
 * more. It waits for the computed plan: until then not everything stands there that is shown.
 */
export function Welcome() {
  const isShownRound = usePrefs((p) => p.isShownRound);
  const set = usePrefs((p) => p.set);
  const isBenchFull = useRead() !== undefined;
  const [isUnderWay, setUnderWay] = useState(false);
  const { data: plans } = useQuery({
    queryKey: ['plans', 2],
    queryFn: () => api.plans(2),
    enabled: !isShownRound,
  });
  const done = () => set({ isShownRound: true });
  if (isShownRound || !isBenchFull || plans?.length !== 1) return null;
  if (isUnderWay) return <Tour onDone={done} />;
  return (
    <section
      aria-label="Your first plan"
      className="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-line bg-well px-4 py-1.5"
    >
      <p className="grow">
        <strong>Your first plan.</strong> Five stops, half a minute, and you know your way.
      </p>
      <Button look="quiet" className="min-h-10" onClick={done}>
        I find it myself
      </Button>
      <Button className="min-h-10" onClick={() => setUnderWay(true)}>
        Show me round
      </Button>
    </section>
  );
}
