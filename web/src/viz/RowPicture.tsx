import { useMemo } from 'react';
import { braided } from './rows';
import type { Drawn } from '../api/types';
import { boundsOf, pathData } from '../lib/curve';

interface Props {
  plan: Pick<Drawn, 'map' | 'rows'>;
  /** The rows it is about: the first as it is now, others as they follow. */
  rows: readonly string[];
  isTurned: boolean;
  className?: string;
}

/** A small head with one row on it, or two that are worked in turn: where something is done. */
export function RowPicture({ plan, rows, isTurned, className = '' }: Props) {
  const outline = useMemo(() => pathData(plan.map.outline, true), [plan.map.outline]);
  const all = useMemo(
    () =>
      braided({ rows: plan.rows })
        .map((r) => pathData(r.path))
        .join(''),
    [plan.rows],
  );
  const b = useMemo(() => boundsOf(plan.map.outline), [plan.map.outline]);
  return (
    <svg
      viewBox={`${b.x - 6} ${b.y - 6} ${b.width + 12} ${b.height + 12}`}
      className={className}
      aria-hidden="true"
    >
      <g transform={isTurned ? 'scale(-1 1)' : undefined}>
        <path d={outline} fill="var(--clay)" stroke="var(--edge)" strokeWidth={4} />
        <path d={all} fill="none" stroke="var(--plait-lit)" strokeWidth={3} opacity={0.55} />
        {rows.map((id, i) => (
          <path
            key={id}
            d={pathData(plan.rows.find((r) => r.id === id)?.path ?? [])}
            fill="none"
            stroke={i === 0 ? 'var(--thread)' : 'var(--plait)'}
            strokeWidth={14}
            strokeLinecap="round"
          />
        ))}
      </g>
    </svg>
  );
}
