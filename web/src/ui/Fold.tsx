import { ChevronRight } from 'lucide-react';
import type { ReactNode } from 'react';
import { usePrefs } from './prefs';

interface Props {
  /** By which it is remembered whether this stylist keeps it open. */
  id: string;
  title: string;
  /** What stands within, in a few words, while it is closed. */
  tells?: ReactNode;
  /** Open whatever was chosen: something within asks for it. */
  isForced?: boolean;
  children: ReactNode;
}

/** What is seldom turned, folded away under its name and what it says now; a stylist who needs it always leaves it open. */
export function Fold({ id, title, tells, isForced = false, children }: Props) {
  const isKept = usePrefs((p) => p.folds[id] === true);
  const set = usePrefs((p) => p.set);
  const isOpen = isKept || isForced;
  return (
    <details
      open={isOpen}
      onToggle={(e) => {
        const isNow = e.currentTarget.open;
        if (isNow !== isOpen) set({ folds: { ...usePrefs.getState().folds, [id]: isNow } });
      }}
      className="group border-t border-line"
    >
      <summary className="flex min-h-9 list-none items-center gap-2 py-1 hover:bg-well [&::-webkit-details-marker]:hidden">
        <ChevronRight
          size={16}
          aria-hidden
          className="shrink-0 transition-transform group-open:rotate-90 motion-reduce:transition-none"
        />
        <h3 className="shrink-0 font-semibold">{title}</h3>
        {tells && (
          <span className="min-w-0 flex-1 truncate text-right text-sm text-soft group-open:invisible">
            {tells}
          </span>
        )}
      </summary>
      <section aria-label={title} className="flex flex-col gap-3 pt-1 pb-3">
        {children}
      </section>
    </details>
  );
}
