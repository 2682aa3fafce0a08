import type { ScoreDocument } from '../api/types';
import { aboveTop, type Measure } from './staff';

export const MARGIN = 8;
const SYSTEM_HEIGHT = 118;
/** Between two letter steps on the staff. */
const STEP = 5;
/** Letter steps that have room above and below a staff within the height of a system. */
const ROOM_ABOVE = 3;
const ROOM_BELOW = 4;
const STAFF_STEPS = 8;
/** What stands over the highest note, in letter steps: the number of a tuplet, a mark or a slur, an ottava. */
const TUPLET_STEPS = 4;
const MARK_STEPS = 4;
const OTTAVA_STEPS = 5;
const GLYPH_WIDTH = 25;
const BAR_WIDTH = 34;
const CLEF_WIDTH = 46;
const SMALL_CLEF_WIDTH = 30;
const ACCIDENTAL_WIDTH = 10;
const COURTESY_WIDTH = 18;
const METER_WIDTH = 26;
/** For each further sign of a meter in groups. */
const METER_SIGN_WIDTH = 9;
/** Signs of the usual meters: 4/4. */
const USUAL_SIGNS = 3;
/** Under the staff, for each line of words. */
export const WORDS_HEIGHT = 17;

/** One row of bars. */
export interface System {
  measures: Measure[];
  top: number;
  /** Where its staff starts on the paper: lower where notes reach far above it. */
  staff: number;
  /** Where the first line of words stands. */
  words: number;
}

export function minimumWidth(measure: Measure): number {
  const accidentals = measure.glyphs.reduce(
    (sum, glyph) =>
      sum + (glyph.accidental == null ? 0 : glyph.accidental.courtesy ? COURTESY_WIDTH : ACCIDENTAL_WIDTH),
    0,
  );
  return BAR_WIDTH + measure.glyphs.length * GLYPH_WIDTH + accidentals;
}

export function headWidth(score: ScoreDocument, first: boolean): number {
  return (
    CLEF_WIDTH +
    Math.abs(score.fifths) * ACCIDENTAL_WIDTH +
    (first ? METER_WIDTH + METER_SIGN_WIDTH * (score.time.length - USUAL_SIGNS) : 0)
  );
}

/** Breaks the bars into rows that fit the width. */
function rowsOf(score: ScoreDocument, width: number): Measure[][] {
  const rows: Measure[][] = [];
  let row: Measure[] = [];
  let used = 0;
  for (const measure of score.measures) {
    const changes = row.length > 0 && row.at(-1)!.clef !== measure.clef;
    const needed = minimumWidth(measure) + (changes ? SMALL_CLEF_WIDTH : 0);
    const room = width - headWidth(score, rows.length === 0);
    if (row.length > 0 && used + needed > room) {
      rows.push(row);
      row = [];
      used = 0;
    }
    row.push(measure);
    used += needed;
  }
  if (row.length > 0) rows.push(row);
  return rows;
}

/** How many letter steps a row reaches above the top line and below the bottom line of its staves. */
function reach(row: Measure[], score: ScoreDocument): { above: number; below: number } {
  const glyphs = row.flatMap((measure) => measure.glyphs.map((glyph) => ({ glyph, clef: measure.clef })));
  const steps = glyphs.flatMap(({ glyph, clef }) => aboveTop(glyph, clef) ?? []);
  const indexes = glyphs.flatMap(({ glyph }) => glyph.note ?? []);
  const inRow = (part: { fromNote: number; toNote: number }) =>
    indexes.some((note) => part.fromNote <= note && note <= part.toNote);
  const bracket = score.ottavas.find(inRow);
  const over =
    (row.some((measure) => measure.tuplets.length > 0) ? TUPLET_STEPS : 0) +
    (score.slurs.some(inRow) || glyphs.some(({ glyph }) => glyph.marks.length > 0) ? MARK_STEPS : 0);
  return {
    above: Math.max(0, ...steps) + over + (bracket && bracket.octaves > 0 ? OTTAVA_STEPS : 0),
    below: -STAFF_STEPS - Math.min(0, ...steps) + (bracket && bracket.octaves < 0 ? OTTAVA_STEPS : 0),
  };
}

/** Lays the systems out under each other, with room for what reaches far above or below the staff. */
export function layOut(
  score: ScoreDocument,
  width: number,
  lines = 0,
): { systems: System[]; height: number } {
  let top = 0;
  const systems = rowsOf(score, width).map((measures, row) => {
    const start = top;
    const { above, below } = reach(measures, score);
    const said = row === 0 && score.instruction ? WORDS_HEIGHT : 0;
    const headroom = said + Math.max(0, above - ROOM_ABOVE) * STEP;
    const footroom = Math.max(0, below - ROOM_BELOW) * STEP;
    const staff = top + headroom;
    const words = staff + SYSTEM_HEIGHT + footroom - 2;
    top = staff + SYSTEM_HEIGHT + footroom + lines * WORDS_HEIGHT;
    return { measures, top: start, staff, words };
  });
  return { systems, height: top + 6 };
}

const SCALES = [2, 1.8, 1.65, 1.5, 1.35, 1.2, 1.1, 1, 0.92, 0.84, 0.76, 0.68];

/** Notes may stand this much closer than they like to; closer, they run into each other and over the edge. */
const CLOSEST = 0.72;

/** How much of the width that it likes to have the most crowded row gets. */
function closeness(score: ScoreDocument, width: number): number {
  return Math.min(
    ...rowsOf(score, width).map((row, i) => {
      const needed = row.reduce((sum, measure) => sum + minimumWidth(measure), 0);
      return (width - headWidth(score, i === 0)) / needed;
    }),
  );
}

/** The largest scale at which the whole score stands in the frame; the smallest where none does. */
export function fittingScale(
  score: ScoreDocument,
  width: number,
  height: number,
  largest: number,
  lines: number,
): number {
  const fits = SCALES.filter((scale) => scale <= largest).find((scale) => {
    const room = width / scale - 2 * MARGIN;
    return closeness(score, room) >= CLOSEST && layOut(score, room, lines).height * scale <= height;
  });
  return fits ?? SCALES.at(-1)!;
}
