import type { PassageDocument } from '../api/types';
import { LINE } from './staves';
import type { WordLine } from './words';

/** At which notes fingers stand: at all of them, where something is new for the hand, or nowhere. */
export type Fingers = 'always' | 'new' | 'never';

/**
 * What stands at each note of how it is fingered, a line of words for each hand; none where that is not known, or where there is
 * nothing to say beside what is usual. With other voices on the same paper the hand on the top staff has its fingers above it.
 */
export function fingersOf(passage: PassageDocument, where: Fingers = 'always'): WordLine[] {
  const { hand, notated } = passage;
  if (!hand || where === 'never') return [];
  const staves = notated?.score?.staves ?? [];
  const others = hand.voices ?? [];
  const lines: WordLine[] = [
    {
      voice: LINE,
      words: only(
        hand.notes.map((note) => note.sign ?? note.text),
        hand.fresh?.flatMap((one) => one.notes),
        where,
      ),
      above: staves.length > 0 && !staves.some((one) => one.above),
    },
    ...others.map(({ voice, texts, fresh }) => ({
      voice,
      words: only(texts, fresh, where),
      above: staves.some((one) => one.voice === voice && one.above),
    })),
  ];
  const besides = hand.notes.map((note) => note.beside ?? '');
  lines.splice(1, 0, {
    voice: LINE,
    words: only(
      besides,
      hand.fresh?.flatMap((one) => one.notes),
      where,
    ),
    above: lines[0]!.above,
  });
  if (hand.family === 'frets' && hand.neck) {
    const fingers = hand.notes.map(({ look }) => String(look.fret?.finger || ''));
    lines[0]!.above = false;
    lines[0]!.strings = {
      count: hand.neck.strings.length,
      of: hand.notes.map((note) => note.look.fret?.string),
    };
    lines.unshift({ voice: LINE, words: lines[0]!.words.map((word, i) => word && fingers[i]!), above: true });
  }
  return lines.filter((line) => line.words.some((word) => word !== ''));
}

/** The texts of the notes that ask something new of the hand; all of them where there was no key before. */
function only(texts: string[], fresh: number[] | undefined, where: Fingers): string[] {
  if (where !== 'new' || !fresh) return texts;
  const at = new Set(fresh);
  return texts.map((text, note) => (at.has(note) ? text : ''));
}
