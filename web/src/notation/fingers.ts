import type { PassageDocument } from '../api/types';

/**
 * What stands at each note of a line of how it is fingered; nothing where that is not known, or where there is nothing to say beside
 * what is usual. Where other voices are on the same paper it would stand under theirs, and is left out.
 */
export function fingersOf(passage: PassageDocument): string[] | undefined {
  if (passage.voices) return undefined;
  const texts = passage.hand?.notes.map((note) => note.text);
  return texts?.some((text) => text !== '') ? texts : undefined;
}
