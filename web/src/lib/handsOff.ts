const TOUCHES = ['pointerdown', 'pointermove', 'keydown', 'wheel'] as const;

let last = performance.now();
if (typeof window !== 'undefined')
  TOUCHES.forEach((t) =>
    window.addEventListener(
      t,
      () => {
        last = performance.now();
      },
      { passive: true, capture: true },
    ),
  );

/** Resolves once nobody has touched the page for so long; at once if nobody has for that long already. */
export async function handsOff(ms: number): Promise<void> {
  const left = () => last + ms - performance.now();
  while (left() > 0) await new Promise((later) => setTimeout(later, left()));
}
