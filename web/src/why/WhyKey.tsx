import { Popover } from 'radix-ui';
import type { ReactNode } from 'react';
import type { Piece } from '../api/types';
import { Glossed } from '../glossary';
import { useLengths } from '../ui/prefs';

interface Props {
  /** What the figure is called. */
  words: string;
  /** What stands on the key. */
  children?: string | undefined;
  /** How it comes about; made once it is asked. */
  told: ReactNode;
  /** Whether it stands in a narrow column of figures, beside which there is room: none of them is covered then. */
  isInColumn?: boolean | undefined;
}

/** From a key in a column to beyond its edge, points. */
const BESIDE = 72;

/** A key beside a figure that tells how it comes about. */
export function WhyKey({ words, children = 'why?', told, isInColumn = false }: Props) {
  return (
    <Popover.Root>
      <Popover.Trigger
        aria-label={`why: ${words}`}
        className="-mx-1 -my-1 rounded px-1 py-1 text-left text-xs text-soft underline decoration-dotted underline-offset-3 hover:text-ink"
      >
        {children}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          side={isInColumn ? 'left' : 'bottom'}
          sideOffset={isInColumn ? BESIDE : 6}
          collisionPadding={8}
          aria-label={`How it comes about: ${words}`}
          className="z-60 w-88 max-w-[calc(100vw-1rem)] rounded-lg border border-edge bg-sheet p-4 shadow-xl"
        >
          <h4 className="font-semibold">{words}</h4>
          {told}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

/** One step after the other, with the values that were used. */
export function Steps({ steps }: { steps: Piece[][] }) {
  const { sentence } = useLengths();
  return (
    <ol className="mt-1 space-y-1 text-sm leading-snug">
      {steps.map((s, i) => (
        <li key={i} className="border-l-2 border-thread pl-2">
          <Glossed>{sentence(s)}</Glossed>
        </li>
      ))}
    </ol>
  );
}
