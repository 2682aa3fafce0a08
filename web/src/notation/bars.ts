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
import { clefOf, keyOf, stepOf, type Glyph, type Measure } from './staff';

/** Signatures by fifths, in the names the engraver knows. */
const SIGNATURES = ['Cb', 'Gb', 'Db', 'Ab', 'Eb', 'Bb', 'F', 'C', 'G', 'D', 'A', 'E', 'B', 'F#', 'C#'];
const DURATIONS: Record<number, string> = { 1: 'w', 2: 'h', 4: 'q', 8: '8', 16: '16', 32: '32', 64: '64' };
/** The engraver's signs of marks; a dot stands at the head, the others over the staff. */
const MARKS: Record<string, string> = { staccato: 'a.', accent: 'a>', 'down-bow': 'am', 'up-bow': 'a|' };

/** Letter steps by which a rest stands aside where two voices share a staff. */
const ASIDE = 4;

function noteOf(glyph: Glyph, clef: string, aside: number): StaveNote {
  // The engraver wants the heads of a stem from the lowest up.
  const heads = [glyph, ...(glyph.more ?? [])].sort((a, b) => stepOf(a, clef) - stepOf(b, clef));
  const note = new StaveNote({
    keys: heads.map((head) => keyOf(head, clef, aside)),
    duration: DURATIONS[glyph.base] + (glyph.note == null ? 'r' : ''),
    dots: glyph.dots,
    clef: clefOf(clef).drawn,
  });
  if (glyph.stem) note.setStemDirection(glyph.stem === 'up' ? Stem.UP : Stem.DOWN);
  heads.forEach((head, i) => {
    if (head.accidental == null) return;
    const sign = new Accidental(head.accidental.sign);
    note.addModifier(head.accidental.courtesy ? sign.setAsCautionary() : sign, i);
  });
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
  last: boolean;
}

/** A bar of one staff: what is written there, and where. */
export interface BarOfStaff {
  voice: number;
  score: ScoreDocument;
  measure: Measure;
  /** The signature in force. */
  fifths: number;
  /** The clef that the next bar changes to, announced before the barline. */
  nextClef?: string;
  y: number;
}

/** What was drawn of a bar of one staff: its notes, and those of a second voice. */
export interface DrawnBar {
  stave: Stave;
  notes: StaveNote[];
  second: StaveNote[];
}

function staveOf(bar: BarOfStaff, x: number, width: number, head: Head): Stave {
  const { measure, score, fifths } = bar;
  const stave = new Stave(x, bar.y, width);
  const clef = clefOf(measure.clef);
  const cancels =
    measure.cancels != null && measure.cancels !== 0 ? SIGNATURES[measure.cancels + 7] : undefined;
  if (head.opens) {
    stave.addClef(clef.drawn, 'default', clef.annotation).addKeySignature(SIGNATURES[fifths + 7]!, cancels);
    if (head.first) stave.addTimeSignature(score.time);
  } else if (measure.fifths != null) {
    stave.addKeySignature(SIGNATURES[fifths + 7]!, cancels);
  }
  if (bar.nextClef) {
    const next = clefOf(bar.nextClef);
    stave.addEndClef(next.drawn, 'small', next.annotation);
  }
  if (head.last) stave.setEndBarType(Barline.type.END);
  return stave;
}

function tupletsOf(tuplets: Measure['tuplets'], notes: StaveNote[]): Tuplet[] {
  return tuplets.map(
    (tuplet) =>
      new Tuplet(notes.slice(tuplet.from, tuplet.to + 1), {
        numNotes: tuplet.actual,
        notesOccupied: tuplet.normal,
        bracketed: tuplet.bracketed,
        ratioed: false,
      }),
  );
}

/** One voice of a bar before it is drawn. */
function voiceOf(part: Pick<Measure, 'glyphs' | 'beams' | 'tuplets'>, clef: string, aside: number) {
  const notes = part.glyphs.map((glyph) => noteOf(glyph, clef, aside));
  const beams = part.beams.map((beam) => new Beam(notes.slice(beam.from, beam.to + 1)));
  part.glyphs.forEach((glyph, i) => mark(notes[i]!, glyph));
  const tuplets = tupletsOf(part.tuplets, notes);
  const voice = new Voice().setMode(Voice.Mode.SOFT).addTickables(notes);
  return { notes, beams, tuplets, voice };
}

/** Draws one bar on all its staves, what is struck together under each other. */
export function drawBar(
  context: RenderContext,
  bars: BarOfStaff[],
  at: { x: number; width: number },
  head: Head,
): DrawnBar[] {
  const staves = bars.map((bar) => staveOf(bar, at.x, at.width, head));
  if (staves.length > 1) Stave.formatBegModifiers(staves);
  staves.forEach((stave) => stave.setContext(context).draw());
  const written = bars.map(({ measure }) => {
    const { second } = measure;
    const above = second ? (second.above ? -ASIDE : ASIDE) : 0;
    const voices = [voiceOf(measure, measure.clef, above)];
    if (second) voices.push(voiceOf(second, measure.clef, -above));
    return voices;
  });
  const formatter = new Formatter();
  written.forEach((voices) => formatter.joinVoices(voices.map((one) => one.voice)));
  const all = written.flatMap((voices) => voices.map((one) => one.voice));
  written.forEach((voices, i) => voices.forEach(({ voice }) => voice.setStave(staves[i]!)));
  formatter.formatToStave(all, staves[0]!);
  return bars.map((_, i) => {
    const stave = staves[i]!;
    const voices = written[i]!;
    voices.forEach(({ voice }) => voice.draw(context, stave));
    voices.forEach(({ beams }) => beams.forEach((beam) => beam.setContext(context).draw()));
    voices.forEach(({ tuplets }) => tuplets.forEach((tuplet) => tuplet.setContext(context).draw()));
    return { stave, notes: voices[0]!.notes, second: voices[1]?.notes ?? [] };
  });
}
