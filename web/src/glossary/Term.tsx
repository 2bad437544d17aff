import { Popover } from 'radix-ui';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { spelt } from '../lib/english';
import { usePrefs } from '../ui/prefs';
import { entryOf, glossed } from './find';
import type { Entry } from './glossary';

/** A word of the trade that tells what is meant by it. */
export function Term({
  entry,
  label,
  children,
}: {
  entry: Entry;
  /** What the key is called where its text alone might be another key's. */
  label?: string;
  children: ReactNode;
}) {
  const english = usePrefs((p) => p.english);
  return (
    <Popover.Root>
      <Popover.Trigger
        aria-label={label}
        className="underline decoration-edge decoration-dotted underline-offset-4 hover:decoration-ink"
      >
        {children}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          sideOffset={4}
          collisionPadding={8}
          aria-label={entry.term}
          className="z-30 w-80 max-w-[calc(100vw-1rem)] rounded-lg border border-edge bg-sheet p-4 text-base leading-snug font-normal shadow-xl"
        >
          <strong className="block text-lg leading-tight">{entry.term}</strong>
          <p className="mt-1">{spelt(entry.meaning, english)}</p>
          <Link to={`/practice/words#${entry.id}`} className="mt-2 inline-block text-sm underline">
            all words
          </Link>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

/** A sentence whose words of the trade tell what is meant by them. */
export function Glossed({ children }: { children: string }) {
  return glossed(children).map(({ text, entry }, i) =>
    entry ? (
      <Term key={i} entry={entry}>
        {text}
      </Term>
    ) : (
      text
    ),
  );
}

/** The words of the trade that a place goes by, each telling what is meant by it. */
export function WordsOf({ ids, className = '' }: { ids: readonly string[]; className?: string }) {
  return (
    <p className={`text-sm leading-relaxed text-soft ${className}`}>
      Words used here:{' '}
      {ids.map(entryOf).map((e, i) => (
        <span key={e.id}>
          {i > 0 && ', '}
          <Term entry={e} label={`${e.term}, what it means`}>
            {e.term}
          </Term>
        </span>
      ))}
    </p>
  );
}
