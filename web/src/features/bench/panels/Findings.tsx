import { use, useEffect, useRef, type RefObject } from 'react';
import type { Problem } from '../../../api/problems';
import type { Finding } from '../../../api/types';
import { Glossed } from '../../../glossary';
import { Button } from '../../../ui/Button';
import { useLengths } from '../../../ui/prefs';
import { STEPS } from '../draft/benchState';
import { useRemedies } from '../plan/useRemedies';
import { useWaysOut } from '../plan/useWaysOut';
import { STEP_NAMES, stepOf } from '../room/stepNames';
import { useMinded } from '../room/useMinded';
import { BenchContext, useBench, useComputed, useRead } from '../draft/useBench';

const MARKS: Record<Finding['severity'], { sign: string; words: string; look: string }> = {
  STOP: { sign: '■', words: 'Stop', look: 'border-chalk bg-chalk-wash' },
  WARNING: { sign: '▲', words: 'Careful', look: 'border-chalk' },
  HINT: { sign: '○', words: 'Note', look: 'border-line' },
};

const NONE: Finding[] = [];

interface Props {
  /** Findings about one way of wearing it; those of the step she is on if left out. */
  of?: Finding[];
  label?: string;
  /** Whether nothing is said where there is nothing to mind. */
  isCompact?: boolean;
}

/** What the core has to say about the plan at the step she is on, each with its remedy where there is one; elsewhere only how much. */
export function Findings({ of, label = 'Findings', isCompact = false }: Props) {
  const { problem: wrong } = useComputed();
  const read = useRead();
  const apply = useBench((b) => b.apply);
  const isMoving = useBench((b) => b.before !== undefined);
  const { sentence } = useLengths();
  const holdRow = useBench((b) => b.holdRow);
  const holdStation = useBench((b) => b.holdStation);
  const step = useBench((b) => b.step);
  const {
    findings: all,
    tryRest,
    isTrying,
  } = useRemedies(of ?? read?.findings ?? NONE, of === undefined);
  const findings = of ? all : all.filter((f) => stepOf(f) === step);
  const problem = of ? undefined : wrong;
  const section = useRef<HTMLElement>(null);
  const { remember } = useNextFocus(section, findings.length);
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
  return (
    <section
      ref={section}
      tabIndex={-1}
      aria-label={label}
      className={`flex flex-col gap-2 outline-none ${of ? '' : isCompact ? 'mb-3 empty:hidden' : 'p-3'}`}
    >
      {!of && !isCompact && (findings.length > 0 || problem) && (
        <h3 className="text-sm text-soft">At this step</h3>
      )}
      {problem && (
        <div className="flex flex-col gap-2 rounded-md border-2 border-chalk bg-chalk-wash p-2 text-sm">
          <Wrong problem={problem} />
          {!problem.isAway && <WaysOut />}
        </div>
      )}
      {findings.map((f) => (
        <article
          tabIndex={-1}
          key={f.code + f.place.id + sentence(f.reason)}
          className={`rounded-md border p-2 text-sm leading-snug ${MARKS[f.severity].look}`}
          onMouseEnter={() => pointAt(f)}
          onMouseLeave={lookAway}
        >
          <p>
            <strong className={f.severity === 'HINT' ? '' : 'text-chalk'}>
              <span aria-hidden="true">{MARKS[f.severity].sign}</span> {MARKS[f.severity].words}.
            </strong>{' '}
            <Glossed>{sentence(f.reason)}</Glossed>
          </p>
          {f.remedies.map((r) => (
            <div key={sentence(r.words)} className="mt-2">
              <Button
                look="main"
                className="w-full"
                // While something is held the findings may be of a moment ago.
                disabled={isMoving}
                onClick={() => {
                  remember();
                  apply(`remedy ${f.code} ${sentence(r.words)}`, r.change);
                }}
              >
                {sentence(r.words)}
              </Button>
              {r.left && <p className="mt-1 text-xs text-soft">Then: {sentence(r.left)}</p>}
            </div>
          ))}
          {f.untried > 0 && of && (
            <p className="mt-1 text-xs text-soft">More could be tried; that takes too long here.</p>
          )}
          {f.untried > 0 && !of && (
            <Button
              className="mt-2 w-full"
              disabled={isMoving || isTrying}
              onClick={() => tryRest(f)}
            >
              {isTrying ? 'Trying …' : 'Try what can be done about it'}
            </Button>
          )}
        </article>
      ))}
      {findings.length === 0 && !problem && !isCompact && (
        <p className="text-sm text-soft">
          {of || all.length === 0
            ? 'Nothing to mind on this plan.'
            : 'Nothing to mind at this step.'}
        </p>
      )}
      {!of && !isCompact && <Elsewhere />}
    </section>
  );
}

/** What is wrong, field by field. */
function Wrong({ problem }: { problem: Problem }) {
  const { told } = useLengths();
  if (problem.isAway) return <p role="alert">{problem.message}</p>;
  return (
    <div role="alert">
      {problem.fields.length === 0 && <p>{problem.message}</p>}
      {problem.fields.map((f) => (
        <p key={f.field}>{told(f)}</p>
      ))}
      <p>The map still shows the last plan that worked.</p>
    </div>
  );
}

/** Changes after which the plan can be made again. */
function WaysOut() {
  const ways = useWaysOut();
  const apply = useBench((b) => b.apply);
  const { sentence } = useLengths();
  return (
    <>
      {ways.map((w) => (
        <Button
          key={sentence(w.words)}
          look="main"
          className="w-full"
          onClick={() => apply(`way out ${sentence(w.words)}`, w.change)}
        >
          {sentence(w.words)}
        </Button>
      ))}
    </>
  );
}

/** How much is to be minded at the other steps, and the way there. */
function Elsewhere() {
  const here = useBench((b) => b.step);
  const go = useBench((b) => b.go);
  const minded = useMinded();
  const others = STEPS.filter((s) => s !== here && minded[s]);
  if (others.length === 0) return null;
  return (
    <div className="flex flex-wrap items-center gap-1 text-sm">
      <span className="mr-1 text-soft">elsewhere</span>
      {others.map((s) => (
        <Button key={s} onClick={() => go(s)} className={minded[s]?.isGrave ? 'text-chalk' : ''}>
          {STEP_NAMES[s]} <strong>{minded[s]?.count}</strong>
        </Button>
      ))}
    </div>
  );
}

/** After a remedy is taken its finding goes: the keyboard is led to the one that stands where it stood. */
function useNextFocus(section: RefObject<HTMLElement | null>, count: number) {
  const index = useRef<number>(undefined);
  useEffect(() => {
    if (index.current === undefined) return;
    const all = section.current?.querySelectorAll<HTMLElement>('article');
    const next = all?.[Math.min(index.current, all.length - 1)];
    (next?.querySelector('button') ?? next ?? section.current)?.focus();
    index.current = undefined;
  }, [section, count]);
  return {
    remember: () => {
      const all = [...(section.current?.querySelectorAll('article') ?? [])];
      index.current = all.findIndex((a) => a.contains(document.activeElement));
      if (index.current < 0) index.current = undefined;
    },
  };
}
