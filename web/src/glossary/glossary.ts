/** A word of the trade and what is meant by it here. */
export interface Entry {
  id: string;
  term: string;
  meaning: string;
  group: Group;
  /** Other forms in which it stands in a sentence; the term itself, and its plural, are found anyway. */
  forms?: readonly string[];
  /** Before this it is another word: one parts and braids, too. */
  unlessBefore?: string;
}

export const GROUPS = [
  'The head',
  'What is braided',
  'How it is laid',
  'What is hooked',
  'How it holds',
  'How it looks',
] as const;
export type Group = (typeof GROUPS)[number];

const entry = (
  group: Group,
  id: string,
  term: string,
  meaning: string,
  forms?: readonly string[],
): Entry => ({ id, term, meaning, group, ...(forms && { forms }) });

export const GLOSSARY: readonly Entry[] = [
  entry(
    'The head',
    'ear-line',
    'ear line',
    'From ear to ear over the top, a little behind the ears: where front rows end and the rows behind begin.',
  ),
  entry(
    'The head',
    'crown',
    'crown',
    'The highest place behind, round which hair turns. Where it is thin, rows that run over it show as stripes.',
  ),
  entry(
    'The head',
    'occipital-bone',
    'occipital bone',
    'The bump of bone at the back, above the nape. Below it little weight should hang.',
  ),
  entry(
    'The head',
    'nape',
    'nape',
    'The neck’s edge of the hair. Tails that gather there make a hump, and rows that hang on it pull.',
  ),
  entry(
    'The head',
    'hairline',
    'hairline',
    'The edge of her own hair. It is the first to thin where it is pulled.',
  ),
  entry(
    'What is braided',
    'row',
    'row',
    'A plait braided flat along a strip of scalp, to which the hair is hooked.',
    ['front row'],
  ),
  entry(
    'What is braided',
    'level-row',
    'level row',
    'A row that runs across the back, from side to side.',
  ),
  entry(
    'What is braided',
    'tail',
    'tail',
    'The free end of a row: her own hair. Every tail must end somewhere, and is found and marked before the first cut when it is taken down.',
  ),
  entry(
    'What is braided',
    'fed',
    'fed',
    'A tail that is braided into the next row as a strand of it: nothing is loose, and the rows come out one after the other.',
    ['fed into'],
  ),
  entry(
    'What is braided',
    'threaded',
    'threaded',
    'A tail that is drawn with the hook under rows beside it. It tends to work loose, and is then easily taken for fibre.',
    ['threaded under', 'only hooked'],
  ),
  entry(
    'What is braided',
    'stitched',
    'stitched down',
    'A tail that is sewn flat with thread of another colour, so that it is found again.',
    ['stitched', 'stitch it down'],
  ),
  entry(
    'What is braided',
    'single',
    'single',
    'A small free-hanging plait or twist at the edge or along a part, so that the edge reads as single plaits when it is worn up.',
  ),
  entry(
    'What is braided',
    'perimeter-braid',
    'perimeter braid',
    'A row that follows the hairline a little inside it: it hides the edge when hair is drawn up.',
    ['perimeter'],
  ),
  entry(
    'What is braided',
    'half-row',
    'half row',
    'A row beside a part that stops where the part stops, and is fed into the next.',
  ),
  entry(
    'How it is laid',
    'switchback',
    'switchback',
    'Level rows down the back that run one way and then the other; the flattest back, without a hump at the nape.',
  ),
  entry(
    'How it is laid',
    'collector-row',
    'collector row',
    'A row down each side that takes in the tails of the level rows, and leaves one loose end.',
  ),
  entry(
    'How it is laid',
    'cross-tied',
    'cross-tied',
    'Two level rows across the back and one upright at each side: it relieves the nape.',
    ['tied across', 'cross-tie row'],
  ),
  entry(
    'How it is laid',
    'overlay',
    'overlay',
    'A row laid across the crown over the ends of others, so that hair falls back over it instead of splitting.',
    ['overlay row'],
  ),
  entry(
    'How it is laid',
    'mesh-cap',
    'mesh cap',
    'A net over rows that carries the back, so that little own hair is needed. It comes in two sizes of hole.',
  ),
  {
    ...entry(
      'How it is laid',
      'wearing-part',
      'part',
      'A line of scalp that is shown. The rows beside it are placed first, and the hair there is hooked so that no knot faces it.',
    ),
    unlessBefore: ' and braid',
  },
  entry(
    'How it is laid',
    'leave-out',
    'leave-out',
    'Own hair along the edge that is left out of the rows and blended over.',
  ),
  entry('What is hooked', 'loop', 'loop', 'One piece of pre-looped hair, as it comes in a bundle.'),
  entry(
    'What is hooked',
    'share',
    'share',
    'What is hooked in at one place: a whole loop, or a part of one that was split lengthwise.',
  ),
  entry(
    'What is hooked',
    'pack',
    'pack',
    'What is bought: so many loops in one or several bundles.',
  ),
  entry(
    'What is hooked',
    'fill',
    'fill',
    'A share that is added at the end, where scalp or a row still shows.',
  ),
  entry(
    'What is hooked',
    'kept-back',
    'kept back',
    'Loops that are kept for fills and not planned anywhere.',
  ),
  entry(
    'What is hooked',
    'as-bricks',
    'as bricks are laid',
    'Each share opposite the gap in the row beside it, so that no lane is seen through.',
  ),
  entry(
    'How it holds',
    'knot',
    'knot',
    'What holds a share on its row once its legs are drawn through its own loop.',
  ),
  entry(
    'How it holds',
    'passes',
    'pass',
    'How often the legs go through the loop. More hold better and take longer to tie and to take out; more than four add size and no hold.',
    ['passes'],
  ),
  entry(
    'How it holds',
    'regular',
    'regular',
    'Both legs go through the loop: the usual knot, seen as a small bar.',
    ['regular knot'],
  ),
  entry(
    'How it holds',
    'invisible',
    'invisible',
    'Only one leg goes through, and the other is laid over the knot: for parts and edges.',
    ['single-leg'],
  ),
  entry(
    'How it holds',
    'double-entry',
    'double-entry',
    'The share goes in at one side of the row and out at the other, without a knot on top.',
  ),
  entry(
    'How it holds',
    'twist-first',
    'twist-first',
    'The loop is turned once before the first pass, which locks small shares of sliding fibre.',
  ),
  entry(
    'How it holds',
    'finger-turn',
    'finger turn',
    'The last pass is turned round a finger in the loop before it is drawn down: extra hold without size.',
  ),
  entry(
    'How it holds',
    'slips',
    'slip',
    'What a knot does that was not drawn down, or has too few passes for its fibre: it works out with brushing, sleep and wash.',
    ['slides', 'slide', 'slips'],
  ),
  entry(
    'How it looks',
    'cover',
    'cover',
    'How well hair hides the scalp, in a way of wearing. A gap is a place where skin plainly shows.',
  ),
  entry(
    'How it looks',
    'full',
    'full',
    'How much hair there is on a head against what reads as full; very full is about a third more.',
    ['as full', 'fullness'],
  ),
  entry(
    'How it looks',
    'hump',
    'hump',
    'A bump where several tails lie on each other. A little on top may help the shape; at the nape it never does.',
  ),
  entry(
    'How it looks',
    'bulk',
    'bulk',
    'How thick a row gets where others come in, against what it is alone.',
  ),
  entry(
    'How it looks',
    'loft',
    'loft',
    'How far hair stands off the head. It settles in the first days, and falls with wear and wash.',
  ),
];
