import { useEffect, useState } from 'react';
import { useLocation } from 'react-router';
import { spelt } from '../lib/english';
import { CONTROL } from '../ui/Field';
import { usePrefs } from '../ui/prefs';
import { GLOSSARY, GROUPS, type Entry } from './glossary';

/** Every word of the trade with what is meant by it here. */
export function WordsPage() {
  const [sought, setSought] = useState('');
  const { hash } = useLocation();
  useEffect(() => {
    document.getElementById(hash.slice(1))?.scrollIntoView({ block: 'center' });
  }, [hash]);
  const found = GLOSSARY.filter((e) => has(e, sought.trim().toLowerCase()));
  return (
    <main className="min-h-0 flex-1 overflow-y-auto p-4 sm:p-8">
      <div className="mx-auto max-w-5xl">
        <div className="flex flex-wrap items-end gap-4">
          <h1 className="grow text-3xl font-semibold">Words</h1>
          <input
            type="search"
            aria-label="Find a word"
            placeholder="Find a word"
            value={sought}
            onChange={(e) => setSought(e.target.value)}
            className={`${CONTROL} w-64`}
          />
        </div>
        {found.length === 0 && (
          <p role="status" className="mt-6 text-soft">
            No word here has “{sought}” in it.
          </p>
        )}
        {GROUPS.map((g) => {
          const entries = found.filter((e) => e.group === g);
          return (
            entries.length > 0 && (
              <section key={g} aria-label={g} className="mt-8">
                <h2 className="border-b border-ink pb-1 text-xl font-semibold">{g}</h2>
                <dl className="mt-2 gap-x-10 sm:columns-2">
                  {entries.map((e) => (
                    <Word key={e.id} entry={e} isSought={hash === `#${e.id}`} />
                  ))}
                </dl>
              </section>
            )
          );
        })}
      </div>
    </main>
  );
}

function Word({ entry, isSought }: { entry: Entry; isSought: boolean }) {
  const english = usePrefs((p) => p.english);
  return (
    <div
      id={entry.id}
      className={`break-inside-avoid border-l-4 py-2 pl-3 ${isSought ? 'border-thread bg-well' : 'border-transparent'}`}
    >
      <dt className="text-lg leading-tight font-semibold">{entry.term}</dt>
      <dd className="leading-snug text-soft">{spelt(entry.meaning, english)}</dd>
    </div>
  );
}

const has = (e: Entry, sought: string) =>
  [e.term, e.meaning, ...(e.forms ?? [])].some((t) => t.toLowerCase().includes(sought));
