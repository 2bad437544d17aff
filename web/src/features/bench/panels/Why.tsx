import { useQuery } from '@tanstack/react-query';
import { Popover } from 'radix-ui';
import { useState } from 'react';
import { api } from '../../../api/client';
import type { ReckonedFigure } from '../../../api/types';
import { Glossed } from '../../../glossary';
import { useLengths } from '../../../ui/prefs';
import { useBench } from '../draft/useBench';

interface Props {
  figure: ReckonedFigure;
  /** What the figure is called. */
  words: string;
  /** What stands on the key. */
  children?: string;
}

/** A key beside a figure that tells how it comes about, with the values it was reckoned from. */
export function Why({ figure, words, children = 'why?' }: Props) {
  const [isOpen, setOpen] = useState(false);
  return (
    <Popover.Root open={isOpen} onOpenChange={setOpen}>
      <Popover.Trigger
        aria-label={`why: ${words}`}
        className="-mx-1 -my-1 rounded px-1 py-1 text-left text-xs text-soft underline decoration-dotted underline-offset-3 hover:text-ink"
      >
        {children}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          side="left"
          sideOffset={72}
          collisionPadding={8}
          aria-label={`How it comes about: ${words}`}
          className="z-30 w-88 max-w-[calc(100vw-1rem)] rounded-lg border border-edge bg-sheet p-4 shadow-xl"
        >
          <Steps figure={figure} words={words} />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

function Steps({ figure, words }: Omit<Props, 'children'>) {
  const brief = useBench((b) => b.brief);
  const planId = useBench((b) => b.planId);
  const { sentence } = useLengths();
  const { data, error } = useQuery({
    queryKey: ['reckonings', brief],
    queryFn: () => api.reckonings(brief, planId),
    gcTime: 0,
    retry: false,
  });
  const steps = data?.find((r) => r.figure === figure)?.steps;
  return (
    <>
      <h4 className="font-semibold">{words}</h4>
      {error && (
        <p role="alert" className="mt-1 font-medium text-chalk">
          ✕ {error.message}
        </p>
      )}
      {!steps && !error && (
        <p role="status" className="mt-1 text-soft">
          Looking it up…
        </p>
      )}
      {steps && (
        <ol className="mt-1 space-y-1 text-sm leading-snug">
          {steps.map((s, i) => (
            <li key={i} className="border-l-2 border-thread pl-2">
              <Glossed>{sentence(s)}</Glossed>
            </li>
          ))}
        </ol>
      )}
    </>
  );
}
