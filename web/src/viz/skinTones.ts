/** Skin tones that a head can be drawn in, from light to deep. */
export const SKIN_TONES = [
  { id: 'shell', words: 'shell', colour: '#e9c9b1' },
  { id: 'sand', words: 'sand', colour: '#d0a27e' },
  { id: 'clay', words: 'clay', colour: '#ad7a55' },
  { id: 'umber', words: 'umber', colour: '#835537' },
  { id: 'peat', words: 'peat', colour: '#5b3a28' },
  { id: 'bark', words: 'bark', colour: '#3d281d' },
] as const;

const USUAL = SKIN_TONES[3];

/** A tone by its id; the usual one for an id that nobody knows. */
export const toneOf = (id: string) => SKIN_TONES.find((t) => t.id === id) ?? USUAL;
