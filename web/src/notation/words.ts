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
