import { use, useRef } from 'react';
import type { Finding } from '../../../api/types';
import { Button } from '../../../ui/Button';
import { useLengths } from '../../../ui/prefs';
import { useRemedies } from '../plan/useRemedies';
import { BenchContext, useBench, useComputed, useRead } from '../draft/useBench';

const MARKS: Record<Finding['severity'], { sign: string; words: string; look: string }> = {
  STOP: { sign: '■', words: 'Stop', look: 'border-chalk bg-chalk-wash' },
  WARNING: { sign: '▲', words: 'Mind', look: 'border-chalk' },
  HINT: { sign: '○', words: 'Note', look: 'border-line' },
};

const NONE: Finding[] = [];

/** What the core has to say about the plan, each with its remedy where there is one; or about one way of wearing it. */
export function Findings({ of, label = 'Findings' }: { of?: Finding[]; label?: string }) {
  const { problem: wrong } = useComputed();
  const read = useRead();
  const apply = useBench((b) => b.apply);
  const isMoving = useBench((b) => b.before !== undefined);
  const { sentence } = useLengths();
  const holdRow = useBench((b) => b.holdRow);
  const holdStation = useBench((b) => b.holdStation);
  const findings = useRemedies(of ?? read?.findings ?? NONE, of === undefined);
  const store = use(BenchContext);
  // What was in hand before the pointer came over a finding is in hand again once it leaves.
  const before = useRef<string>(undefined);
  const pointAt = (f: Finding) => {
    // From one finding straight onto the next, this one was not drawn anew yet: the store knows.
    before.current = store?.getState().heldRow;
    if (f.place.kind === 'ROW') holdRow(f.place.id ?? undefined);
    if (f.place.kind === 'STATION') holdStation(f.place.id ?? undefined);
  };
  const lookAway = () => {
    holdRow(before.current);
    holdStation(undefined);
  };
  const problem = of ? undefined : wrong;
  return (
    <section aria-label={label} className={`flex flex-col gap-2 ${of ? '' : 'p-3'}`}>
      {problem && (
        <p role="alert" className="rounded-md border-2 border-chalk bg-chalk-wash p-2 text-sm">
          {problem.isAway
            ? problem.message
            : `${problem.message} The map still shows the last plan that worked.`}
        </p>
      )}
      {findings.map((f) => (
        <article
          key={f.code + f.place.id + sentence(f.reason)}
          className={`rounded-md border p-2 text-sm leading-snug ${MARKS[f.severity].look}`}
          onMouseEnter={() => pointAt(f)}
          onMouseLeave={lookAway}
        >
          <p>
            <strong className={f.severity === 'HINT' ? '' : 'text-chalk'}>
              <span aria-hidden="true">{MARKS[f.severity].sign}</span> {MARKS[f.severity].words}.
            </strong>{' '}
            {sentence(f.reason)}
          </p>
          {f.remedies.map((r) => (
            <div key={sentence(r.words)} className="mt-2">
              <Button
                look="main"
                className="w-full"
                // While something is held the findings may be of a moment ago.
                disabled={isMoving}
                onClick={() => apply(`remedy ${f.code} ${sentence(r.words)}`, r.change)}
              >
                {sentence(r.words)}
              </Button>
              {r.left && <p className="mt-1 text-xs text-soft">Then: {sentence(r.left)}</p>}
            </div>
          ))}
        </article>
      ))}
      {findings.length === 0 && !problem && (
        <p className="text-sm text-soft">Nothing to mind on this plan.</p>
      )}
    </section>
  );
}
