import type { ScoreDocument } from '../api/types';
import { partsOf } from '../ui/signs';

export type Measure = ScoreDocument['measures'][number];
export type Glyph = Measure['glyphs'][number];
export type Layer = NonNullable<Measure['second']>;

interface Clef {
  /** The clef as the engraver draws it, with the little 8 above or below where it has one. */
  drawn: string;
  annotation?: '8vb' | '8va';
  /** Octaves by which a pitch is moved so that it stands on the right line of the drawn clef. */
  octaves: number;
  /** Where a rest stands: the middle line. */
  rest: string;
  /** The letter step of the top line, counted from C0, of the drawn clef. */
  top: number;
}

const TREBLE = { drawn: 'treble', rest: 'b/4', top: 38 };
const BASS = { drawn: 'bass', rest: 'd/3', top: 26 };

/** How each clef of a score is drawn. */
const CLEFS: Record<string, Clef> = {
  treble: { ...TREBLE, octaves: 0 },
  bass: { ...BASS, octaves: 0 },
  alto: { drawn: 'alto', rest: 'c/4', top: 32, octaves: 0 },
  tenor: { drawn: 'tenor', rest: 'a/3', top: 30, octaves: 0 },
  'treble-8vb': { ...TREBLE, annotation: '8vb', octaves: 1 },
  'treble-8va': { ...TREBLE, annotation: '8va', octaves: -1 },
  'bass-8vb': { ...BASS, annotation: '8vb', octaves: 1 },
};

export function clefOf(id: string): Clef {
  return CLEFS[id] ?? CLEFS.treble!;
}

/** What stands on a staff: a note, one of its further heads, or a rest, which has no pitch. */
interface Standing {
  drawn?: string | null;
}

const LETTERS = 'CDEFGAB';

/** Letter steps above C0 at which it stands on the staff of the drawn clef; of a rest, the middle line. */
export function stepOf(standing: Standing, clefId: string): number {
  const clef = clefOf(clefId);
  if (standing.drawn == null) return clef.top - 4;
  const { name, octave } = partsOf(standing.drawn);
  return LETTERS.indexOf(name[0]!) + 7 * (octave + clef.octaves);
}

/** The place on the staff, in the engraver's words; a rest that gives way to another voice stands some steps aside. */
export function keyOf(standing: Standing, clefId: string, aside = 0): string {
  const clef = clefOf(clefId);
  if (standing.drawn == null) {
    if (aside === 0) return clef.rest;
    const step = clef.top - 4 + aside;
    return `${LETTERS[step % 7]!.toLowerCase()}/${Math.floor(step / 7)}`;
  }
  const { name, octave } = partsOf(standing.drawn);
  return `${name.toLowerCase()}/${octave + clef.octaves}`;
}

/** Letter steps by which it stands above the top line of its staff; negative below it. */
export function aboveTop(glyph: Standing, clefId: string): number | undefined {
  if (glyph.drawn == null) return undefined;
  const clef = clefOf(clefId);
  const { name, octave } = partsOf(glyph.drawn);
  return LETTERS.indexOf(name[0]!) + 7 * (octave + clef.octaves) - clef.top;
}
