const TOUCHES = ['pointerdown', 'pointermove', 'keydown', 'wheel'] as const;

/** Resolves once nobody has touched the page for so long. */
export function handsOff(ms: number): Promise<void> {
  return new Promise((resolve) => {
    let timer: number | undefined;
    const wait = () => {
      window.clearTimeout(timer);
      timer = window.setTimeout(() => {
        TOUCHES.forEach((t) => window.removeEventListener(t, wait));
        resolve();
      }, ms);
    };
    TOUCHES.forEach((t) => window.addEventListener(t, wait, { passive: true }));
    wait();
  });
}
