/** What a picture of a knot is made of, in the order in which it is painted; the row is seen in section, the line that is seen lies to its left. */
export type Mark =
  | { is: 'row'; lifted?: boolean }
  | { is: 'hook'; latch: 'open' | 'shut'; out?: boolean }
  /** Hair along a path; one leg is light and the other dark, so that they are told apart. */
  | { is: 'hair'; leg: 'A' | 'B'; path: string; thick?: number; isNew?: boolean }
  | { is: 'knot'; x: number; y: number; size?: number; slack?: boolean }
  | { is: 'bead'; x: number; y: number }
  | { is: 'finger'; x: number; y: number }
  | { is: 'comb'; x: number; y: number }
  | { is: 'caught' }
  | { is: 'arrow'; path: string };

export interface Frame {
  words: string;
  marks: readonly Mark[];
}

/** A way of tying as it is done, step by step, and what usually goes wrong with it. */
export interface KnotSteps {
  frames: readonly Frame[];
  mistake: Frame;
}

const ROW: Mark = { is: 'row' };
const hair = (leg: 'A' | 'B', path: string, thick?: number): Mark =>
  thick === undefined ? { is: 'hair', leg, path } : { is: 'hair', leg, path, thick };
const laid = (leg: 'A' | 'B', path: string): Mark => ({ is: 'hair', leg, path, isNew: true });

/** Where the legs come from on the left, pass beneath the row, and stand out as a loop on the right. */
const LEFT_A = 'M26 40 C48 96 62 143 100 143';
const LEFT_B = 'M58 30 C74 88 80 149 104 149';
const UNDER_A = 'M100 143 L166 143';
const UNDER_B = 'M104 149 L166 149';
const EYE_A = 'M166 143 C190 143 214 130 211 112';
const EYE_B = 'M166 149 C204 152 232 126 211 112';
/** The same loop turned once before anything goes through it. */
const TURNED_A = 'M166 143 C180 143 186 132 194 124 C202 116 214 106 219 100';
const TURNED_B = 'M166 149 C190 150 184 122 196 120 C212 120 226 112 219 100';
/** Legs from beneath the row back over its top, and through the loop. */
const OVER_A = 'M100 143 C72 142 78 84 130 84 C172 84 186 110 193 134 C198 152 220 158 252 146';
const OVER_B = 'M104 149 C58 150 66 74 130 74 C182 74 198 106 201 130 C206 146 226 150 254 136';
/** Drawn down: tight round the row, and away to the right. */
const ROUND_A = 'M164 136 C140 148 108 146 98 128 C92 104 112 90 132 91 C152 92 164 104 167 120';
const ROUND_B = 'M160 142 C134 154 98 150 91 126 C86 98 110 83 132 84 C158 85 170 100 172 116';
const AWAY_A = 'M172 128 C196 130 222 138 254 146';
const AWAY_B = 'M172 122 C198 120 224 126 256 132';
/** A leg that did not go through lies over row and knot. */
const COVERS_B = 'M98 138 C76 128 84 72 132 70 C170 69 190 94 204 108 C224 122 240 124 256 124';

const hookIn: Frame = {
  words: 'Latch open, go in under the row toward the line that is seen.',
  marks: [{ is: 'hook', latch: 'open' }, ROW],
};
const loopIn: Frame = {
  words: 'Lay the loop into the hook and shut the latch over it.',
  marks: [
    laid('A', 'M26 40 C44 90 60 128 78 140'),
    laid('B', 'M58 30 C72 80 80 118 94 130'),
    { is: 'hook', latch: 'shut' },
    laid('A', 'M78 140 C88 146 98 142 94 130'),
    ROW,
  ],
};
const LOOP: readonly Mark[] = [
  hair('A', LEFT_A),
  hair('B', LEFT_B),
  hair('A', UNDER_A),
  hair('B', UNDER_B),
];
const drawnBack: Frame = {
  words: 'Draw it back under the row, latch shut. The loop stands out on the far side.',
  marks: [
    ...LOOP,
    laid('B', EYE_B),
    laid('A', EYE_A),
    ROW,
    { is: 'hook', latch: 'shut', out: true },
  ],
};
const BEGIN = [hookIn, loopIn, drawnBack] as const;

const KNOT: Mark = { is: 'knot', x: 169, y: 125 };
const drawnDown: readonly Mark[] = [
  ROW,
  hair('B', ROUND_B),
  hair('A', ROUND_A),
  hair('A', AWAY_A),
  hair('B', AWAY_B),
  KNOT,
];

const regular: KnotSteps = {
  frames: [
    ...BEGIN,
    {
      words: 'Both legs go over the row and through the loop.',
      marks: [
        hair('A', UNDER_A),
        hair('B', UNDER_B),
        hair('B', EYE_B),
        ROW,
        laid('B', OVER_B),
        laid('A', OVER_A),
        hair('A', EYE_A),
      ],
    },
    { words: 'Draw down until it sits on the row, and no further.', marks: drawnDown },
  ],
  mistake: {
    words: 'Hooked from the wrong side: the knot lies toward the line that is seen.',
    marks: [
      ROW,
      hair('B', 'M100 142 C126 154 162 150 169 126 C174 98 150 83 128 84 C102 85 90 100 88 116'),
      hair('A', 'M96 136 C120 148 152 146 162 128 C168 104 148 90 128 91 C108 92 96 104 93 120'),
      hair('A', 'M88 128 C64 130 38 138 6 146'),
      hair('B', 'M88 122 C62 120 36 126 4 132'),
      { is: 'knot', x: 91, y: 125 },
    ],
  },
};

const invisible: KnotSteps = {
  frames: [
    ...BEGIN,
    {
      words: 'One leg alone goes through the loop, a third to half of the fibre. The other waits.',
      marks: [
        hair('B', LEFT_B),
        hair('A', UNDER_A),
        hair('B', UNDER_B),
        hair('B', EYE_B),
        ROW,
        laid('A', OVER_A),
        hair('A', EYE_A),
      ],
    },
    {
      words: 'Draw that leg down.',
      marks: [ROW, hair('B', LEFT_B), hair('A', ROUND_A), hair('A', AWAY_A), KNOT],
    },
    {
      words: 'Lay the other leg over row and knot: neither is seen.',
      marks: [ROW, hair('A', ROUND_A), hair('A', AWAY_A), KNOT, laid('B', COVERS_B)],
    },
  ],
  mistake: {
    words: 'Latch open on the way back: it takes hair of the row along.',
    marks: [
      ...LOOP,
      hair('B', EYE_B),
      hair('A', EYE_A),
      ROW,
      { is: 'caught' },
      { is: 'hook', latch: 'open', out: true },
    ],
  },
};

const doubleEntry: KnotSteps = {
  frames: [
    ...BEGIN,
    {
      words: 'Go in again right beside it, and take one leg alone into the hook.',
      marks: [
        hair('B', LEFT_B),
        hair('A', UNDER_A),
        hair('B', UNDER_B),
        hair('B', EYE_B),
        hair('A', EYE_A),
        laid('A', 'M26 40 C44 90 60 128 78 140 C88 146 98 142 94 130'),
        { is: 'hook', latch: 'shut' },
        ROW,
      ],
    },
    {
      words: 'Bring it through under the row and out of the loop.',
      marks: [
        hair('B', LEFT_B),
        hair('B', UNDER_B),
        hair('B', EYE_B),
        laid('A', 'M100 143 L166 143 C184 143 196 134 202 126 C214 112 236 108 256 104'),
        ROW,
      ],
    },
    {
      words: 'Pull the legs apart: one leaves to either side, the row between them. No knot.',
      marks: [
        hair('B', 'M8 132 C40 126 72 134 96 140 C116 146 146 148 164 140'),
        hair('A', 'M96 136 C116 150 146 150 164 140 C188 130 222 124 254 128'),
        ROW,
        { is: 'arrow', path: 'M40 112 L12 112' },
        { is: 'arrow', path: 'M220 108 L248 108' },
      ],
    },
  ],
  mistake: {
    words: 'Pulled so hard that the row lifts: it hurts, and breaks hair at its root.',
    marks: [
      hair('B', 'M8 110 C40 106 72 112 96 116 C116 122 146 124 164 116'),
      hair('A', 'M96 112 C116 126 146 126 164 116 C188 106 222 102 254 104'),
      { is: 'row', lifted: true },
    ],
  },
};

const twistFirst: KnotSteps = {
  frames: [
    ...BEGIN,
    {
      words: 'Turn the loop once, before anything goes through it.',
      marks: [...LOOP, laid('B', TURNED_B), laid('A', TURNED_A), ROW],
    },
    {
      words: 'Both legs through the turned loop.',
      marks: [
        hair('A', UNDER_A),
        hair('B', UNDER_B),
        hair('B', TURNED_B),
        ROW,
        laid('B', 'M104 149 C58 150 66 74 130 74 C176 74 196 92 208 110 C220 124 240 124 256 118'),
        laid('A', 'M100 143 C72 142 78 84 130 84 C166 84 188 98 202 116 C216 134 238 134 254 130'),
        hair('A', TURNED_A),
      ],
    },
    {
      words: 'Turn and pass again, two or three times; then draw down.',
      marks: [
        ...drawnDown.slice(0, 5),
        { is: 'knot', x: 168, y: 128, size: 0.85 },
        { is: 'knot', x: 184, y: 126, size: 0.7 },
      ],
    },
  ],
  mistake: {
    words: 'Not turned before the first pass: the loop stays slack and slides out.',
    marks: [
      ROW,
      hair('B', 'M160 146 C134 156 92 152 86 126 C80 92 110 76 134 76 C166 77 186 96 192 114'),
      hair('A', 'M164 140 C138 152 102 148 95 127 C88 100 112 86 134 86 C158 87 174 100 180 116'),
      hair('A', 'M186 126 C204 128 226 138 254 146'),
      hair('B', 'M190 120 C208 118 228 126 256 132'),
      { is: 'knot', x: 188, y: 120, size: 1.4, slack: true },
    ],
  },
};

const bead: KnotSteps = {
  frames: [
    hookIn,
    loopIn,
    {
      words: 'Draw it back under the row, latch shut. The bead comes out with the loop.',
      marks: [...LOOP, laid('B', EYE_B), laid('A', EYE_A), ROW, { is: 'bead', x: 178, y: 146 }],
    },
    {
      words: 'Open the loop with the fingers, and pass the fibre through.',
      marks: [
        hair('A', UNDER_A),
        hair('B', UNDER_B),
        hair('B', EYE_B),
        ROW,
        laid('B', OVER_B),
        laid('A', OVER_A),
        hair('A', EYE_A),
        { is: 'bead', x: 178, y: 146 },
        { is: 'finger', x: 226, y: 96 },
      ],
    },
    {
      words: 'Spread the fibre: the bead is drawn up to the row and locks.',
      marks: [
        ROW,
        hair('B', ROUND_B),
        hair('A', ROUND_A),
        hair('A', 'M174 130 C198 140 222 148 250 148'),
        hair('B', 'M174 120 C196 104 222 96 252 92'),
        { is: 'bead', x: 171, y: 125 },
        { is: 'arrow', path: 'M214 118 L226 134' },
        { is: 'arrow', path: 'M210 110 L220 94' },
      ],
    },
  ],
  mistake: {
    words: 'A share too big for its loop: the bead does not close, and it works out.',
    marks: [
      ROW,
      hair('B', ROUND_B, 11),
      hair('A', ROUND_A, 11),
      hair('A', 'M178 132 C200 140 222 148 250 148', 13),
      hair('B', 'M180 120 C200 104 222 96 252 92', 13),
      { is: 'bead', x: 196, y: 124 },
    ],
  },
};

/** How each knot is tied, by its name. */
export const KNOTS = {
  REGULAR: regular,
  INVISIBLE: invisible,
  DOUBLE_ENTRY: doubleEntry,
  TWIST_FIRST: twistFirst,
  BEAD: bead,
} as const satisfies Record<string, KnotSteps>;

/** What is done for a knot beyond its passes, each in one picture. */
export const HOLDS = {
  FINGER_TURN: {
    words: 'Turn the last pass round a finger in the loop, then draw it down.',
    marks: [
      ...drawnDown.slice(0, 3),
      hair('A', 'M170 124 C184 108 200 84 218 88 C236 92 230 116 212 116 C196 116 216 140 254 146'),
      hair('B', 'M172 118 C190 96 206 74 224 78 C244 84 240 124 218 124 C206 126 222 134 256 134'),
      { is: 'finger', x: 216, y: 104 },
    ],
  },
  COMBED_DOWN: {
    words: 'Comb down on the knot, so that it sets.',
    marks: [...drawnDown, { is: 'comb', x: 190, y: 92 }],
  },
  TIED_SLIVER: {
    words: 'Tie a sliver of each leg together over the knot. Cut it first at takedown.',
    marks: [
      ...drawnDown,
      hair('A', 'M186 130 C192 112 200 106 206 112', 2.5),
      hair('B', 'M188 120 C196 104 206 104 206 112', 2.5),
      { is: 'knot', x: 207, y: 111, size: 0.5 },
    ],
  },
  DEEP_SET: {
    words: 'Go in further forward and draw the share further back: the knot sits behind.',
    marks: [
      ROW,
      hair('B', 'M20 104 C52 140 84 150 120 150 L196 148'),
      hair('A', 'M34 98 C60 132 88 144 120 144 L196 142'),
      hair('A', 'M208 136 C222 132 238 132 256 134'),
      hair('B', 'M208 142 C224 142 240 144 256 146'),
      { is: 'knot', x: 203, y: 139 },
    ],
  },
  CARRIED_BACK: {
    words: 'Carry the free leg back under the row, in and out, to where later hair covers it.',
    marks: [
      ROW,
      hair('A', ROUND_A),
      hair('A', AWAY_A),
      KNOT,
      laid('B', 'M98 138 C78 126 92 76 132 78 C162 80 176 96 180 112'),
      laid('B', 'M180 112 C182 150 150 150 132 148 C104 146 84 140 80 124 C76 104 60 92 36 96'),
    ],
  },
} as const satisfies Record<string, Frame>;
