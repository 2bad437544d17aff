import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '../../../api/client';
import type { VisitTile } from '../../../api/types';
import { formatDay } from '../../../lib/time';

interface Shot {
  src: string;
  day: string;
  words: string;
}

const HALF = 50;

/** Pictures of her visits; two of them laid over each other, with a line between that is drawn to and fro. */
export function Pictures({ visits }: { visits: VisitTile[] }) {
  const withPictures = visits.filter((v) => v.pictures > 0);
  const shots = useQuery({
    queryKey: ['pictures', ...withPictures.map((v) => v.id)],
    queryFn: async (): Promise<Shot[]> => {
      const all = await Promise.all(withPictures.map((v) => api.visit(v.id)));
      return all.flatMap((v) =>
        v.events.flatMap((e) =>
          e.what.kind === 'PICTURED'
            ? {
                src: `/api/visits/${v.visit.id}/pictures/${e.what.picture}`,
                day: e.at.slice(0, 10),
                words: `${v.visit.planName}, ${formatDay(e.at)}`,
              }
            : [],
        ),
      );
    },
    enabled: withPictures.length > 0,
  });
  const [pair, setPair] = useState<[number, number]>([0, 1]);
  const [at, setAt] = useState(HALF);
  const all = shots.data ?? [];
  if (all.length === 0) return null;
  const [left, right] = [all[pair[0]], all[pair[1]]];
  return (
    <section aria-label="Pictures">
      <h3 className="mb-1 font-semibold">Pictures</h3>
      {left && right && (
        <figure className="flex flex-col gap-2">
          <div className="relative aspect-[4/5] max-h-96 overflow-hidden rounded-md border border-line bg-well">
            <img
              src={right.src}
              alt={right.words}
              className="absolute inset-0 size-full object-contain"
            />
            <img
              src={left.src}
              alt={left.words}
              className="absolute inset-0 size-full object-contain"
              style={{ clipPath: `inset(0 ${100 - at}% 0 0)` }}
            />
            <span
              className="absolute inset-y-0 w-[3px] bg-thread"
              style={{ left: `${at}%` }}
              aria-hidden="true"
            />
          </div>
          <input
            type="range"
            aria-label="How much of the left picture"
            min={0}
            max={100}
            value={at}
            onChange={(e) => setAt(Number(e.target.value))}
            className="accent-thread"
          />
          <figcaption className="flex justify-between text-sm text-soft">
            <span>{left.words}</span>
            <span>{right.words}</span>
          </figcaption>
        </figure>
      )}
      <ul className="mt-2 flex flex-wrap gap-2">
        {all.map((s, i) => (
          <li key={s.src}>
            <button
              type="button"
              aria-label={`Lay ${s.words} on the left`}
              onClick={() => setPair([i, pair[0] === i ? pair[1] : pair[0]])}
              className={`size-16 overflow-hidden rounded border-2 ${pair.includes(i) ? 'border-thread-deep' : 'border-line'}`}
            >
              <img src={s.src} alt="" className="size-full object-cover" />
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
