import { FileText } from 'lucide-react';
import { Popover } from 'radix-ui';
import { useState } from 'react';
import { Labels } from '../../../outside';
import { Button } from '../../../ui/Button';

const SIDES = [
  { sight: 'BACK', words: 'from behind' },
  { sight: 'TOP', words: 'above' },
  { sight: 'LEFT', words: 'left' },
  { sight: 'RIGHT', words: 'right' },
  { sight: 'FRONT', words: 'front' },
];

const PAPERS: { name: string; words: string; tells: string; also?: typeof SIDES }[] = [
  {
    name: 'papers/run-sheet.pdf',
    words: 'Run sheet',
    tells: 'to the chair: the map, and every step to tick',
  },
  {
    name: 'papers/quote.pdf',
    words: 'Quote',
    tells: 'to the client: what it costs, and what that stands for',
  },
  {
    name: 'papers/aftercare.pdf',
    words: 'Aftercare card',
    tells: 'home with her: care, and what is due when',
  },
  {
    name: 'papers/takedown.pdf',
    words: 'Takedown list',
    tells: 'for weeks later: every tail, before the first cut',
  },
  {
    name: 'drawing.svg',
    words: 'The map as a drawing',
    tells: 'as large as it is, for any program that draws',
    also: SIDES,
  },
  {
    name: 'stations.csv',
    words: 'Shares as a table',
    tells: 'for a spreadsheet: where each is hooked, of what, and how',
  },
  {
    name: 'plan.json',
    words: 'The plan as a file',
    tells: 'for another book: head, rows, hair and knots; taken in with a client',
  },
];

/** What of a kept plan goes along on paper. */
export function PaperMenu({ planId, isTight }: { planId: string; isTight: boolean }) {
  const [isOpen, setOpen] = useState(false);
  const [isLabels, setLabels] = useState(false);
  return (
    <>
      {isLabels && <Labels planId={planId} onClose={() => setLabels(false)} />}
      <Popover.Root open={isOpen} onOpenChange={setOpen}>
        <Popover.Trigger asChild>
          <Button look="quiet" aria-label="on paper" title="Papers of this plan, as it is kept">
            <FileText size={16} aria-hidden />{' '}
            {!isTight && <span className="max-lg:hidden">on paper</span>}
          </Button>
        </Popover.Trigger>
        <Popover.Portal>
          <Popover.Content
            sideOffset={6}
            collisionPadding={8}
            aria-label="Papers of this plan"
            className="z-60 w-80 max-w-[calc(100vw-1rem)] rounded-lg border border-edge bg-sheet p-1.5 shadow-xl"
          >
            <ul>
              {PAPERS.map((p) => (
                <li key={p.name}>
                  <a
                    href={`/api/plans/${planId}/${p.name}`}
                    download
                    className="block rounded-md px-3 py-2 hover:bg-well"
                  >
                    <span className="font-semibold">{p.words}</span>
                    <span className="block text-sm leading-snug text-soft">{p.tells}</span>
                  </a>
                  {p.also && (
                    <p className="flex flex-wrap gap-x-3 px-3 pb-1 text-sm">
                      <span className="text-soft">and her head</span>
                      {p.also.map((a) => (
                        <a
                          key={a.sight}
                          href={`/api/plans/${planId}/${p.name}?sight=${a.sight}`}
                          download
                          className="underline decoration-dotted underline-offset-4 hover:bg-well"
                        >
                          {a.words}
                        </a>
                      ))}
                    </p>
                  )}
                </li>
              ))}
              <li>
                <button
                  type="button"
                  className="block w-full rounded-md px-3 py-2 text-left hover:bg-well"
                  onClick={() => {
                    setOpen(false);
                    setLabels(true);
                  }}
                >
                  <span className="font-semibold">Labels for the bundles</span>
                  <span className="block text-sm leading-snug text-soft">
                    to the table: one for the shares of each hair, size and belt
                  </span>
                </button>
              </li>
            </ul>
          </Popover.Content>
        </Popover.Portal>
      </Popover.Root>
    </>
  );
}
