import {
  Accidental,
  Articulation,
  Barline,
  Beam,
  Dot,
  Formatter,
  Modifier,
  Stave,
  StaveNote,
  Stem,
  Tuplet,
  Voice,
  type RenderContext,
} from './engraver';
import type { ScoreDocument } from '../api/types';
import { clefOf, keyOf, type Glyph, type Measure } from './staff';

/** Signatures by fifths, in the names the engraver knows. */
const SIGNATURES = ['Cb', 'Gb', 'Db', 'Ab', 'Eb', 'Bb', 'F', 'C', 'G', 'D', 'A', 'E', 'B', 'F#', 'C#'];
const DURATIONS: Record<number, string> = { 1: 'w', 2: 'h', 4: 'q', 8: '8', 16: '16', 32: '32', 64: '64' };
/** The engraver's signs of marks; a dot stands at the head, the others over the staff. */
const MARKS: Record<string, string> = { staccato: 'a.', accent: 'a>', 'down-bow': 'am', 'up-bow': 'a|' };

function noteOf(glyph: Glyph, clef: string): StaveNote {
  const note = new StaveNote({
    keys: [keyOf(glyph, clef)],
    duration: DURATIONS[glyph.base] + (glyph.note == null ? 'r' : ''),
    dots: glyph.dots,
    clef: clefOf(clef).drawn,
  });
  if (glyph.stem) note.setStemDirection(glyph.stem === 'up' ? Stem.UP : Stem.DOWN);
  if (glyph.accidental != null) {
    const sign = new Accidental(glyph.accidental.sign);
    note.addModifier(glyph.accidental.courtesy ? sign.setAsCautionary() : sign);
  }
  for (let i = 0; i < glyph.dots; i++) Dot.buildAndAttach([note], { all: true });
  return note;
}

/** Marks are set once the stems are: a dot stands on the side of the head. */
function mark(note: StaveNote, glyph: Glyph) {
  for (const id of glyph.marks) {
    const position =
      id === 'staccato' && note.getStemDirection() === Stem.UP
        ? Modifier.Position.BELOW
        : Modifier.Position.ABOVE;
    note.addModifier(new Articulation(MARKS[id] ?? 'a.').setPosition(position));
  }
}

export interface Head {
  /** Whether the bar begins a row, and with it clef and signature. */
  opens: boolean;
  /** Whether it is the very first, which shows the meter. */
  first: boolean;
  /** The clef that the next bar changes to, announced before the barline. */
  nextClef?: string;
  last: boolean;
}

/** Draws one bar and returns its notes and rests. */
export function drawBar(
  context: RenderContext,
  score: ScoreDocument,
  measure: Measure,
  at: { x: number; y: number; width: number },
  head: Head,
): StaveNote[] {
  const stave = new Stave(at.x, at.y, at.width);
  const clef = clefOf(measure.clef);
  if (head.opens) {
    stave.addClef(clef.drawn, 'default', clef.annotation).addKeySignature(SIGNATURES[score.fifths + 7]!);
    if (head.first) stave.addTimeSignature(score.time);
  }
  if (head.nextClef) {
    const next = clefOf(head.nextClef);
    stave.addEndClef(next.drawn, 'small', next.annotation);
  }
  if (head.last) stave.setEndBarType(Barline.type.END);
  stave.setContext(context).draw();
  const notes = measure.glyphs.map((glyph) => noteOf(glyph, measure.clef));
  const beams = measure.beams.map((beam) => {
    return new Beam(notes.slice(beam.from, beam.to + 1));
  });
  measure.glyphs.forEach((glyph, i) => mark(notes[i]!, glyph));
  const tuplets = measure.tuplets.map(
    (tuplet) =>
      new Tuplet(notes.slice(tuplet.from, tuplet.to + 1), {
        numNotes: tuplet.actual,
        notesOccupied: tuplet.normal,
        bracketed: tuplet.bracketed,
        ratioed: false,
      }),
  );
  const voice = new Voice().setMode(Voice.Mode.SOFT).addTickables(notes);
  new Formatter().joinVoices([voice]).formatToStave([voice], stave);
  voice.draw(context, stave);
  beams.forEach((beam) => beam.setContext(context).draw());
  tuplets.forEach((tuplet) => tuplet.setContext(context).draw());
  return notes;
}
