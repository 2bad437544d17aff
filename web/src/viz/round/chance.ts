/** Numbers in [0, 1) by chance that are the same every time: hair must not jump when the head is drawn anew. */
export function chance(a: number, b: number): () => number {
  let state = (Math.imul(a + 1, 7919) ^ Math.imul(b + 1, 104729)) >>> 0;
  return () => {
    state = (state + 0x9e3779b9) >>> 0;
    let t = state;
    t = Math.imul(t ^ (t >>> 16), 0x21f0aaad);
    t = Math.imul(t ^ (t >>> 15), 0x735a2d97);
    return ((t ^ (t >>> 15)) >>> 0) / 4294967296;
  };
}

/** A place across a round patch that is thickest in its middle, in [−1, 1]: as the cover lays hair out. */
export function acrossPatch(random: () => number): number {
  // Hair in a patch goes by (r² − d²), and across a band of such patches by the power 3/2 of that.
  for (;;) {
    const q = 2 * random() - 1;
    if (random() <= Math.pow(1 - q * q, 1.5)) return q;
  }
}
