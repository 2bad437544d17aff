import { Popover } from 'radix-ui';
import { useEffect, useMemo, useState } from 'react';
import { Button } from '../../../ui/Button';
import { stopsHere } from './stops';

/** Shows somebody round the bench: at each stop a ring about what is meant, and what it is for. */
export function Tour({ onDone }: { onDone: () => void }) {
  const [stops] = useState(stopsHere);
  const [now, setNow] = useState(0);
  const stop = stops[now];
  const box = useBox(stop?.at);
  const place = useMemo(
    () => ({ current: { getBoundingClientRect: () => inSight(box ?? new DOMRect()) } }),
    [box],
  );
  if (!stop || !box) return null;
  const isLast = now === stops.length - 1;
  return (
    <Popover.Root open onOpenChange={(isOpen) => !isOpen && onDone()}>
      <Popover.Anchor virtualRef={place} />
      <Popover.Portal>
        <>
          <div
            aria-hidden
            className="pointer-events-none fixed z-20 rounded-lg border-4 border-thread"
            style={{
              left: box.left + 2,
              top: box.top + 2,
              width: box.width - 4,
              height: box.height - 4,
            }}
          />
          <Popover.Content
            key={stop.at}
            side={sideOf(box)}
            sideOffset={8}
            collisionPadding={12}
            aria-label={stop.title}
            onInteractOutside={(e) => e.preventDefault()}
            onOpenAutoFocus={toOn}
            className="z-30 w-96 max-w-[calc(100vw-1.5rem)] rounded-lg border border-ink bg-sheet p-5 shadow-xl"
          >
            <p className="text-sm text-soft">
              {now + 1} of {stops.length}
            </p>
            <h2 className="text-xl leading-tight font-semibold">{stop.title}</h2>
            <p className="mt-2 leading-snug">{stop.words}</p>
            <div className="mt-4 flex items-center gap-2">
              {!isLast && (
                <Button look="quiet" className="min-h-11" onClick={onDone}>
                  Leave it
                </Button>
              )}
              <span className="grow" />
              {now > 0 && (
                <Button className="min-h-11" onClick={() => setNow(now - 1)}>
                  Back
                </Button>
              )}
              <Button
                look="main"
                className="min-h-11"
                data-on
                onClick={() => (isLast ? onDone() : setNow(now + 1))}
              >
                {isLast ? 'To work' : 'Next'}
              </Button>
            </div>
          </Popover.Content>
        </>
      </Popover.Portal>
    </Popover.Root>
  );
}

/** Whoever goes round by keys goes on, and does not leave. */
function toOn(e: Event) {
  e.preventDefault();
  if (e.currentTarget instanceof Element) {
    e.currentTarget.querySelector<HTMLElement>('[data-on]')?.focus();
  }
}

/** Where something stands, as long as it does. */
function useBox(selector: string | undefined): DOMRect | undefined {
  const [box, setBox] = useState<DOMRect>();
  useEffect(() => {
    const measure = () =>
      setBox(selector ? document.querySelector(selector)?.getBoundingClientRect() : undefined);
    measure();
    window.addEventListener('resize', measure);
    return () => window.removeEventListener('resize', measure);
  }, [selector]);
  return box;
}

/** Of something large only its middle, so that what is said of it stands on the screen. */
function inSight(box: DOMRect): DOMRect {
  return box.height < window.innerHeight / 2
    ? box
    : new DOMRect(box.left, box.top + box.height / 3, box.width, 1);
}

/** Beside what is tall and narrow, so that nothing of it is hidden; below the rest. */
function sideOf(box: DOMRect): 'left' | 'right' | 'bottom' {
  const isColumn = box.height > window.innerHeight / 2 && box.width < window.innerWidth / 3;
  if (!isColumn) return 'bottom';
  return box.left > window.innerWidth / 2 ? 'left' : 'right';
}
