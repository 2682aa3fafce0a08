import { WORDS_HEIGHT, type WordRoom } from './layout';

/** Words at the notes of a voice, by the note; under the system, over its top staff, or on a staff of strings. */
export interface WordLine {
  voice: number;
  words: string[];
  above?: boolean;
  /** How many strings there are, and on which of them each word stands; the first string is the top line. */
  strings?: { count: number; of: (number | undefined)[] };
}

/** Between two strings of a staff of strings. */
export const STRING_GAP = 11;
/** Over its first string. */
export const STRING_HEAD = 16;

/** How large words are, in points. */
export const WORD_SIZE = 12.5;
/** How wide letters are on the paper at that size, as the typeface has them. */
const WIDTHS: readonly [RegExp, number][] = [
  [/[il.,]/, 4.3],
  [/[tfrj♭↑↓-]/, 7],
  [/[mw]/, 15],
];
const FIGURE = 10.2;
/** Between two words of a line. */
const GAP = 3;
/** Words are drawn no smaller than this share of their size. */
const SMALLEST = 0.68;

/** How wide a word is at its full size. */
export function wideOf(word: string): number {
  return [...word].reduce(
    (wide, letter) => wide + (WIDTHS.find(([letters]) => letters.test(letter))?.[1] ?? FIGURE),
    0,
  );
}

/**
 * The share of their size at which the words of a line stand clear of each other.
 *
 * @param words by the middle of each, from left to right; empty ones take no room
 */
export function sizeThatFits(words: { middle: number; word: string }[]): number {
  const said = words.filter(({ word }) => word !== '');
  const shares = said.slice(1).map(({ middle, word }, i) => {
    const before = said[i]!;
    return (middle - before.middle - GAP) / ((wideOf(word) + wideOf(before.word)) / 2);
  });
  return Math.max(SMALLEST, Math.min(1, ...shares));
}

/** How many lines of words it takes the room of. */
export function rowsOf(line: WordLine): number {
  return line.strings ? Math.ceil((STRING_HEAD + line.strings.count * STRING_GAP) / WORDS_HEIGHT) : 1;
}

/** How many lines of words there are, under a system and over it. */
export function roomFor(lines: WordLine[]): WordRoom {
  const rows = (some: WordLine[]) => some.reduce((sum, line) => sum + rowsOf(line), 0);
  return {
    under: rows(lines.filter((line) => !line.above)),
    over: rows(lines.filter((line) => line.above)),
  };
}
