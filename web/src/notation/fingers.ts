import type { PassageDocument } from '../api/types';

/**
 * What stands at each note of a line of how it is fingered; nothing where that is not known. Where other voices are on the same paper
 * it would stand under theirs, and is left out.
 */
export function fingersOf(passage: PassageDocument): string[] | undefined {
  return passage.voices ? undefined : passage.hand?.notes.map((note) => note.text);
}
