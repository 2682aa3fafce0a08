import type { PassageDocument } from '../api/types';

/** What can sound with a passage, each with a level of its own; further voices by their place among the voices. */
export type SoundPart = 'click' | 'drums' | 'line' | 'chords' | 'bass' | `voice ${number}`;

/** How loud each part sounds, 0 to 1. */
export type Mix = Partial<Record<SoundPart, number>>;

/** How loud somebody wants parts, by what they are: what is wished of a left hand is not wished of a round. */
export type Levels = Record<string, number>;

/** A part that a passage has, in words, and how loud it is unless somebody says otherwise. */
export interface MixPart {
  part: SoundPart;
  name: string;
  usual: number;
}

/** Everything that can sound with a passage: what the step asks for is heard, the rest waits to be wanted. */
export function partsOf(passage: PassageDocument): MixPart[] {
  const { clicks, voices } = passage;
  const parts: MixPart[] = [{ part: 'click', name: 'Click', usual: 1 }];
  if (!clicks) return parts;
  if (clicks.drums.length > 0) parts.push({ part: 'drums', name: 'Drums', usual: 1 });
  parts.push({ part: 'line', name: 'The line', usual: 1 });
  voices?.forEach((voice, i) => {
    const heard = voice.by === 'company' ? 1 : 0;
    parts.push({ part: `voice ${i}`, name: `${voice.said}, ${voice.who}`, usual: heard });
  });
  if (clicks.company) {
    const { chordsAsked, bassAsked } = clicks.company;
    parts.push({ part: 'chords', name: 'Chords', usual: chordsAsked ? 1 : 0 });
    parts.push({ part: 'bass', name: 'Bass', usual: bassAsked ? 1 : 0 });
  }
  return parts;
}

/** How loud each part of a passage sounds, as it is wished or else as usual. */
export function mixOf(parts: MixPart[], wish: Levels = {}): Mix {
  return Object.fromEntries(parts.map(({ part, name, usual }) => [part, wish[name] ?? usual]));
}
