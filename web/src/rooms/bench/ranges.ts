const OCTAVES = ['', 'one octave', 'two octaves', 'three octaves', 'four octaves'];
const SPANS = [3, 4, 5, 6, 7, 9, 11, 12, 13, 15, 17];

/** How far a line goes: o and a number of octaves, or s and a number of notes. */
export const RANGES = [
  ...[1, 2, 3, 4].map((n) => ({ value: `o${n}`, label: OCTAVES[n]! })),
  ...SPANS.map((n) => ({ value: `s${n}`, label: n === 5 ? 'first five notes' : `${n} notes` })),
];
