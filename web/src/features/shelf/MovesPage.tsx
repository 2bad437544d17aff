import { FileDown } from 'lucide-react';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { formatDay } from '../../lib/time';
import { Choice } from '../../ui/Field';
import { sayLoops } from '../../lib/amount';
import { movesQuery } from './shelf.queries';
import { hairLinesQuery } from '../../api/queries';
import { FileOut } from '../../ui/FileIn';
import { ShelfLinks } from './ShelfLinks';

/** All that came and went, the newest first. Nothing of it is ever written over. */
export function MovesPage() {
  const [line, setLine] = useState('');
  const lines = useQuery(hairLinesQuery());
  const moves = useQuery(movesQuery(line || undefined));
  const nameOf = (id: string | null) => lines.data?.find((l) => l.id === id)?.name;
  return (
    <main className="min-h-0 flex-1 overflow-y-auto px-4 py-5 sm:px-8 sm:py-6">
      <header className="mb-5 flex flex-wrap items-end gap-x-4 gap-y-2">
        <div className="mr-auto">
          <h1 className="text-3xl leading-none font-semibold">Came and went</h1>
          <p className="mt-1 text-soft">The newest first; what is there is the sum of it.</p>
        </div>
        <ShelfLinks />
        <Choice
          label="Of which hair"
          value={line}
          options={[
            { value: '', words: 'all' },
            ...(lines.data ?? []).map((l) => ({ value: l.id, words: l.name })),
          ]}
          onChoose={setLine}
        />
      </header>
      <div className="mb-4">
        <FileOut href="/api/stock/movements.csv">
          <FileDown size={16} aria-hidden /> All of it as a table (CSV)
        </FileOut>
      </div>
      {moves.data?.length === 0 && <p className="text-soft">Nothing came or went yet.</p>}
      <ul className="flex max-w-4xl flex-col divide-y divide-line">
        {moves.data?.map((m) => (
          <li
            key={m.id}
            className="grid grid-cols-[7rem_5rem_1fr_8rem] items-baseline gap-3 py-1.5"
          >
            <span className="text-sm text-soft">{formatDay(m.at)}</span>
            <span
              className={`text-right text-lg leading-none font-semibold tabular-nums ${m.amount < 0 ? 'text-soft' : ''}`}
            >
              {m.amount > 0 ? '+' : '−'}
              {sayLoops(Math.abs(m.amount))}
            </span>
            <span>
              {nameOf(m.lineId) && <strong>{nameOf(m.lineId)}, </strong>}
              {m.words}
              {m.note && <span className="text-soft">, {m.note}</span>}
            </span>
            <span className="text-sm text-soft">
              {m.visitId ? (
                <Link to={`/chair/${m.visitId}`} className="underline">
                  {m.whyWords}
                </Link>
              ) : (
                m.whyWords
              )}
              {m.byName && `, ${m.byName}`}
            </span>
          </li>
        ))}
      </ul>
    </main>
  );
}
