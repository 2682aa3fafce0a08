import type { HandDocument, Neck, PassageDocument } from '../api/types';
import { LINE } from './staves';
import type { WordLine } from './words';

/** At which notes fingers stand: at all of them, where something is new for the hand, or nowhere. */
export type Fingers = 'always' | 'new' | 'never';

/**
 * What stands at each note of how it is fingered, a line of words for each hand; none where that is not known, or where there is
 * nothing to say beside what is usual. With other voices on the same paper the hand on the top staff has its fingers above it.
 */
export function fingersOf(passage: PassageDocument, where: Fingers = 'always'): WordLine[] {
  const { hand } = passage;
  if (!hand || where === 'never') return [];
  const line =
    hand.family === 'frets' && hand.neck ? ofFrets(hand, hand.neck, where) : ofLine(passage, hand, where);
  return [...line, ...ofOthers(passage, hand, where)].filter((one) => one.words.some((word) => word !== ''));
}

/** The fingers of the line, and under them what a player of strings reads beside them. */
function ofLine(passage: PassageDocument, hand: HandDocument, where: Fingers): WordLine[] {
  const staves = stavesOf(passage);
  const above = staves.length > 0 && !staves.some((one) => one.above);
  return [
    { voice: LINE, words: ofNotes(hand, (note) => note.sign ?? note.text, where), above },
    { voice: LINE, words: ofNotes(hand, (note) => note.beside ?? '', where), above },
  ];
}

/** The frets on a staff of strings, and their fingers over the notes. */
function ofFrets(hand: HandDocument, neck: Neck, where: Fingers): WordLine[] {
  return [
    { voice: LINE, words: ofNotes(hand, ({ look }) => String(look.fret?.finger || ''), where), above: true },
    {
      voice: LINE,
      words: ofNotes(hand, (note) => note.sign ?? note.text, where),
      above: false,
      strings: { count: neck.strings.length, of: hand.notes.map((note) => note.look.fret?.string) },
    },
  ];
}

/** The fingers of the other hand, at its staff. */
function ofOthers(passage: PassageDocument, hand: HandDocument, where: Fingers): WordLine[] {
  const staves = stavesOf(passage);
  return (hand.voices ?? []).map(({ voice, texts, fresh }) => ({
    voice,
    words: only(texts, fresh, where),
    above: staves.some((one) => one.voice === voice && one.above),
  }));
}

function stavesOf(passage: PassageDocument) {
  return passage.notated?.score?.staves ?? [];
}

/** A word for each note of the line where something is to stand. */
function ofNotes(hand: HandDocument, word: (note: HandDocument['notes'][number]) => string, where: Fingers) {
  return only(
    hand.notes.map(word),
    hand.fresh?.flatMap((one) => one.notes),
    where,
  );
}

/** The texts of the notes that ask something new of the hand; all of them where there was no key before. */
function only(texts: string[], fresh: number[] | undefined, where: Fingers): string[] {
  if (where !== 'new' || !fresh) return texts;
  const at = new Set(fresh);
  return texts.map((text, note) => (at.has(note) ? text : ''));
}
