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

/**
 * A place across a round patch that is thickest in its middle, in [−1, 1]: as the cover lays hair out.
 *
 * @param part of the patch that lies to one side of it, in [0, 1]; by chance, and places are as thick as the patch is
 */
export function acrossPatch(part: number): number {
  // Hair in a patch goes by (r² − d²), and across a band of such patches by the power 3/2 of that; summed in closed form.
  const before = (angle: number) =>
    0.5 + (angle + (2 / 3) * Math.sin(2 * angle) + Math.sin(4 * angle) / 12) / Math.PI;
  let [from, to] = [-Math.PI / 2, Math.PI / 2];
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (from + to) / 2;
    if (before(middle) < part) from = middle;
    else to = middle;
  }
  return Math.sin((from + to) / 2);
}

const HALVINGS = 24;

/** How far from the middle of a round patch that is thickest there, in [0, 1): as the cover lays it out. */
export function fromMiddle(random: () => number): number {
  return Math.sqrt(1 - Math.sqrt(1 - random()));
}
