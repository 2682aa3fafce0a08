import type { PassageDocument } from '../api/types';

/** At which notes fingers stand: at all of them, where something is new for the hand, or nowhere. */
export type Fingers = 'always' | 'new' | 'never';

/**
 * What stands at each note of a line of how it is fingered; nothing where that is not known, or where there is nothing to say beside
 * what is usual. Where other voices are on the same paper it would stand under theirs, and is left out.
 */
export function fingersOf(passage: PassageDocument, where: Fingers = 'always'): string[] | undefined {
  const { hand } = passage;
  if (passage.voices || !hand || where === 'never') return undefined;
  const fresh = where === 'new' ? freshNotes(hand) : undefined;
  const texts = hand.notes.map(({ text, note }) => (fresh && !fresh.has(note) ? '' : text));
  return texts.some((text) => text !== '') ? texts : undefined;
}

/** The notes that ask something new of the hand; all of them where there was no key before. */
function freshNotes(hand: NonNullable<PassageDocument['hand']>): Set<number> | undefined {
  return hand.fresh && new Set(hand.fresh.flatMap((one) => one.notes));
}
