import { pathData } from '../../../lib/curve';
import type { Plan } from '../../../api/types';
import { SCREEN } from '../../../viz/palette';
import { useBench } from '../draft/useBench';

/** The gaps between front rows, thin and dotted: touched, one is worn as a part to see what shows. */
export function GapLines({ plan }: { plan: Plan }) {
  const tried = useBench((b) => b.worn.gap);
  const tryGap = useBench((b) => b.tryGap);
  return (
    <g data-walk="gaps" fill="none">
      {plan.gaps.map((gap, i) => {
        const line = pathData(gap.path);
        const isTried = tried === i;
        return (
          <g
            key={gap.leftRow}
            role="button"
            tabIndex={0}
            aria-pressed={isTried}
            aria-label={`Try a part between ${gap.leftRow} and ${gap.rightRow}`}
            data-gap={i}
            className="group cursor-pointer"
            style={{ outline: 'none' }}
            onClick={() => tryGap(isTried ? null : i)}
            onKeyDown={(e) => {
              if (e.key !== 'Enter' && e.key !== ' ') return;
              e.preventDefault();
              tryGap(isTried ? null : i);
            }}
          >
            <path d={line} stroke="transparent" strokeWidth={4} pointerEvents="stroke" />
            <path
              d={line}
              className="invisible stroke-ink group-focus-visible:visible"
              strokeWidth={4.6}
              opacity={0.35}
            />
            {isTried && <path d={line} className="stroke-thread" strokeWidth={2.6} />}
            <path
              d={line}
              stroke={isTried ? SCREEN.ink : SCREEN.bead}
              strokeWidth={isTried ? 0.8 : 0.7}
              strokeDasharray={isTried ? undefined : '0.5 2.5'}
              strokeLinecap="round"
            />
          </g>
        );
      })}
    </g>
  );
}
