import type { ScoreDocument } from '../api/types';
import { aboveTop, type Glyph, type Measure } from './staff';
import { fifthsAt, glyphsOf, stavesOf } from './staves';

export const MARGIN = 8;
/** Left of the staves of a score that is more than one, for what joins them. */
export const BRACE = 12;
const SYSTEM_HEIGHT = 118;
/** From one staff of a system to the next, where nothing reaches out. */
const STAFF_HEIGHT = 84;
/** Between two letter steps on the staff. */
const STEP = 5;
/** Letter steps that have room above and below a staff within the height of a system. */
const ROOM_ABOVE = 3;
const ROOM_BELOW = 4;
const STAFF_STEPS = 8;
/** What stands over the highest note, in letter steps: the number of a tuplet, a mark or a slur, an ottava, a chord. */
const TUPLET_STEPS = 4;
const MARK_STEPS = 4;
const OTTAVA_STEPS = 5;
const CHORD_STEPS = 4;
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
/** A letter of a chord over the staff. */
const CHORD_LETTER = 8;

/** Over the top staff, for a line of words, in letter steps; chords and keys stand over them. */
const WORDS_STEPS = 4;
const WORDS_UNDER_CHORDS = 8;

/** How many lines of words stand under a system, and over its top staff. */
export interface WordRoom {
  under: number;
  over: number;
}

const NO_WORDS: WordRoom = { under: 0, over: 0 };

/** One row of bars. */
export interface System {
  /** The bars of the line, and which they are, from 0. */
  measures: Measure[];
  bars: number[];
  top: number;
  /** Where its staves start on the paper, from the top one down: lower where notes reach far above them. */
  staves: number[];
  /** Where the first line of words stands. */
  words: number;
}

const signsOf = (glyph: Glyph) => [glyph.accidental, ...(glyph.more ?? []).map((head) => head.accidental)];

function accidentalsWidth(measure: Measure): number {
  return glyphsOf(measure).reduce(
    (sum, glyph) =>
      sum +
      Math.max(
        0,
        ...signsOf(glyph).map((sign) =>
          sign == null ? 0 : sign.courtesy ? COURTESY_WIDTH : ACCIDENTAL_WIDTH,
        ),
      ),
    0,
  );
}

/** What a bar needs on all the staves that share it. */
export function minimumWidth(...parallel: Measure[]): number {
  const moments = new Set(parallel.flatMap((measure) => glyphsOf(measure).map((glyph) => glyph.at)));
  const single = parallel.length === 1 && !parallel[0]!.second;
  const signs = single ? parallel[0]!.glyphs.length : moments.size;
  const change = Math.max(
    0,
    ...parallel.map((one) =>
      one.fifths == null ? 0 : (Math.abs(one.fifths) + Math.abs(one.cancels ?? 0)) * ACCIDENTAL_WIDTH,
    ),
  );
  const chords = parallel.flatMap((one) => one.chords ?? []);
  const letters = chords.reduce((sum, one) => sum + one.chord.length + 2, 0) * CHORD_LETTER;
  const music = BAR_WIDTH + signs * GLYPH_WIDTH + Math.max(...parallel.map(accidentalsWidth)) + change;
  return Math.max(music, letters);
}

/** What a bar of a score needs. */
export function barWidth(score: ScoreDocument, bar: number): number {
  return minimumWidth(...stavesOf(score).map((staff) => staff.score.measures[bar]!));
}

export function headWidth(score: ScoreDocument, first: boolean, bar = 0): number {
  const staves = stavesOf(score);
  const signature = Math.max(...staves.map((staff) => Math.abs(fifthsAt(staff.score, bar))));
  return (
    CLEF_WIDTH +
    signature * ACCIDENTAL_WIDTH +
    (staves.length > 1 ? BRACE : 0) +
    (first ? METER_WIDTH + METER_SIGN_WIDTH * (score.time.length - USUAL_SIGNS) : 0)
  );
}

/** Breaks the bars into rows that fit the width; each row is the numbers of its bars. */
function rowsOf(score: ScoreDocument, width: number): number[][] {
  const rows: number[][] = [];
  let row: number[] = [];
  let used = 0;
  score.measures.forEach((measure, bar) => {
    const before = row.length > 0 ? score.measures[row.at(-1)!]! : undefined;
    const changes = before !== undefined && before.clef !== measure.clef;
    const needed = barWidth(score, bar) + (changes ? SMALL_CLEF_WIDTH : 0);
    const room = width - headWidth(score, rows.length === 0, row[0] ?? bar);
    if (row.length > 0 && used + needed > room) {
      rows.push(row);
      row = [];
      used = 0;
    }
    row.push(bar);
    used += needed;
  });
  if (row.length > 0) rows.push(row);
  return rows;
}

/** How many letter steps a row reaches above the top line and below the bottom line of one staff. */
function reach(row: Measure[], score: ScoreDocument): { above: number; below: number } {
  const glyphs = row.flatMap((measure) => glyphsOf(measure).map((glyph) => ({ glyph, clef: measure.clef })));
  const steps = glyphs
    .flatMap(({ glyph, clef }) => [
      aboveTop(glyph, clef) ?? [],
      ...(glyph.more ?? []).map((head) => aboveTop(head, clef) ?? []),
    ])
    .flat();
  const indexes = row.flatMap((measure) => measure.glyphs.flatMap((glyph) => glyph.note ?? []));
  const inRow = (part: { fromNote: number; toNote: number }) =>
    indexes.some((note) => part.fromNote <= note && note <= part.toNote);
  const bracket = score.ottavas.find(inRow);
  const over =
    (row.some((measure) => measure.tuplets.length > 0) ? TUPLET_STEPS : 0) +
    (score.slurs.some(inRow) || glyphs.some(({ glyph }) => glyph.marks.length > 0) ? MARK_STEPS : 0) +
    (row.some((measure) => measure.chords) ? CHORD_STEPS : 0);
  return {
    above: Math.max(0, ...steps) + over + (bracket && bracket.octaves > 0 ? OTTAVA_STEPS : 0),
    below: -STAFF_STEPS - Math.min(0, ...steps) + (bracket && bracket.octaves < 0 ? OTTAVA_STEPS : 0),
  };
}

/** Lays the systems out under each other, with room for what reaches far above or below each staff. */
export function layOut(
  score: ScoreDocument,
  width: number,
  lines: WordRoom = NO_WORDS,
): { systems: System[]; height: number } {
  let top = 0;
  const views = stavesOf(score);
  const systems = rowsOf(score, width).map((bars, row) => {
    const start = top;
    const said = row === 0 && score.instruction ? WORDS_HEIGHT : 0;
    const staves: number[] = [];
    let y = top + said;
    views.forEach((view, i) => {
      const { above, below } = reach(
        bars.map((bar) => view.score.measures[bar]!),
        view.score,
      );
      const named = bars.some((bar) => view.score.measures[bar]!.chords);
      const over = i === 0 ? lines.over * (named ? WORDS_UNDER_CHORDS : WORDS_STEPS) : 0;
      const staff = y + Math.max(0, above + over - ROOM_ABOVE) * STEP;
      staves.push(staff);
      const last = i === views.length - 1;
      y = staff + (last ? SYSTEM_HEIGHT : STAFF_HEIGHT) + Math.max(0, below - ROOM_BELOW) * STEP;
    });
    top = y + lines.under * WORDS_HEIGHT;
    return { measures: bars.map((bar) => score.measures[bar]!), bars, top: start, staves, words: y - 2 };
  });
  return { systems, height: top + 6 };
}

const SCALES = [2, 1.8, 1.65, 1.5, 1.35, 1.2, 1.1, 1, 0.92, 0.84, 0.76, 0.68];

/** Two hands of many notes may be drawn smaller still before they are turned over. */
const SMALLER = [0.62, 0.56];

/** Notes may stand this much closer than they like to; closer, they run into each other and over the edge. */
const CLOSEST = 0.72;

/** How much of the width that it likes to have the most crowded row gets. */
function closeness(score: ScoreDocument, width: number): number {
  return Math.min(
    ...rowsOf(score, width).map((row, i) => {
      const needed = row.reduce((sum, bar) => sum + barWidth(score, bar), 0);
      return (width - headWidth(score, i === 0, row[0])) / needed;
    }),
  );
}

/** The largest scale at which the whole score stands in the frame; the smallest where none does. */
export function fittingScale(
  score: ScoreDocument,
  width: number,
  height: number,
  largest: number,
  lines: WordRoom,
): number {
  const scales = score.staves ? [...SCALES, ...SMALLER] : SCALES;
  // Whoever wants it smaller than any of these, as on paper, is to have it so.
  if (largest < scales.at(-1)!) return largest;
  const fits = scales
    .filter((scale) => scale <= largest)
    .find((scale) => {
      const room = width / scale - 2 * MARGIN;
      return closeness(score, room) >= CLOSEST && layOut(score, room, lines).height * scale <= height;
    });
  return fits ?? scales.at(-1)!;
}
