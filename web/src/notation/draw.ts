import {
  Accidental,
  Beam,
  Dot,
  Formatter,
  Renderer,
  Stave,
  StaveNote,
  StaveTie,
  Stem,
  Tuplet,
  Voice,
} from 'vexflow/bravura';
import type { ScoreDocument } from '../api/types';

type MeasurePart = ScoreDocument['measures'][number];
type Glyph = MeasurePart['glyphs'][number];

/** Signatures by fifths, in the names the engraver knows. */
const SIGNATURES = ['Cb', 'Gb', 'Db', 'Ab', 'Eb', 'Bb', 'F', 'C', 'G', 'D', 'A', 'E', 'B', 'F#', 'C#'];
const DURATIONS: Record<number, string> = { 1: 'w', 2: 'h', 4: 'q', 8: '8', 16: '16', 32: '32', 64: '64' };
/** Where a rest stands in each clef: the middle line. */
const REST_KEYS: Record<string, string> = { treble: 'b/4', bass: 'd/3', alto: 'c/4', tenor: 'a/3' };

/** The letter step of the top line of each clef's staff, counted from C0. */
const TOP_LINES: Record<string, number> = { treble: 38, bass: 26, alto: 32, tenor: 30 };
const LETTERS = 'CDEFGAB';

const MARGIN = 8;
const SYSTEM_HEIGHT = 118;
/** Between two letter steps on the staff. */
const STEP = 5;
/** Letter steps that have room above and below a staff within the height of a system. */
const ROOM_ABOVE = 3;
const ROOM_BELOW = 4;
const STAFF_STEPS = 8;
/** The number of a tuplet stands that much above its highest note. */
const TUPLET_STEPS = 4;
const GLYPH_WIDTH = 25;
const BAR_WIDTH = 34;
const CLEF_WIDTH = 46;
const ACCIDENTAL_WIDTH = 10;
const METER_WIDTH = 26;

/** What stands on the paper: the height it took, and the drawn signs of each note, ties included. */
export interface Drawn {
  height: number;
  notes: Map<number, SVGElement[]>;
}

function keyOf(glyph: Glyph, clef: string): string {
  if (glyph.pitch == null) return REST_KEYS[clef] ?? 'b/4';
  const octave = glyph.pitch.search(/-?\d/);
  return `${glyph.pitch.slice(0, octave).toLowerCase()}/${glyph.pitch.slice(octave)}`;
}

function note(glyph: Glyph, clef: string): StaveNote {
  const drawn = new StaveNote({
    keys: [keyOf(glyph, clef)],
    duration: DURATIONS[glyph.base] + (glyph.note == null ? 'r' : ''),
    dots: glyph.dots,
    clef,
    autoStem: true,
  });
  if (glyph.accidental != null) drawn.addModifier(new Accidental(glyph.accidental));
  for (let i = 0; i < glyph.dots; i++) Dot.buildAndAttach([drawn], { all: true });
  return drawn;
}

function minimumWidth(measure: MeasurePart): number {
  const accidentals = measure.glyphs.filter((glyph) => glyph.accidental != null).length;
  return BAR_WIDTH + measure.glyphs.length * GLYPH_WIDTH + accidentals * ACCIDENTAL_WIDTH;
}

function headWidth(score: ScoreDocument, first: boolean): number {
  return CLEF_WIDTH + Math.abs(score.fifths) * ACCIDENTAL_WIDTH + (first ? METER_WIDTH : 0);
}

interface System {
  measures: MeasurePart[];
  /** Where it starts on the paper, and where its staff does: lower where notes reach far above it. */
  top: number;
  staff: number;
}

/** Breaks the bars into rows that fit the width. */
function rowsOf(score: ScoreDocument, width: number): MeasurePart[][] {
  const rows: MeasurePart[][] = [];
  let row: MeasurePart[] = [];
  let used = 0;
  for (const measure of score.measures) {
    const needed = minimumWidth(measure);
    const room = width - headWidth(score, rows.length === 0);
    if (row.length > 0 && used + needed > room) {
      rows.push(row);
      row = [];
      used = 0;
    }
    row.push(measure);
    used += needed;
  }
  if (row.length > 0) rows.push(row);
  return rows;
}

/** How many letter steps the notes of a row reach above the top line and below the bottom line of the staff. */
function reach(row: MeasurePart[], clef: string): { above: number; below: number } {
  const top = TOP_LINES[clef] ?? 38;
  const steps = row
    .flatMap((measure) => measure.glyphs)
    .flatMap((glyph) => (glyph.pitch == null ? [] : [glyph.pitch]))
    .map((pitch) => LETTERS.indexOf(pitch[0]!) + 7 * Number(pitch.slice(pitch.search(/-?\d/))));
  const numbers = row.some((measure) => measure.tuplets.length > 0) ? TUPLET_STEPS : 0;
  return { above: Math.max(0, ...steps) - top + numbers, below: top - STAFF_STEPS - Math.min(top, ...steps) };
}

/** Lays the systems out under each other, with room for what reaches far above or below the staff. */
function layOut(score: ScoreDocument, width: number): { systems: System[]; height: number } {
  let top = 0;
  const systems = rowsOf(score, width).map((measures) => {
    const { above, below } = reach(measures, score.clef);
    const headroom = Math.max(0, above - ROOM_ABOVE) * STEP;
    const system = { measures, top, staff: top + headroom };
    top += SYSTEM_HEIGHT + headroom + Math.max(0, below - ROOM_BELOW) * STEP;
    return system;
  });
  return { systems, height: top + 6 };
}

const SCALES = [1.35, 1.2, 1.1, 1, 0.92, 0.84, 0.76, 0.68];

/** The largest scale at which the whole score stands in the frame; the smallest where none does. */
export function fittingScale(score: ScoreDocument, width: number, height: number, largest: number): number {
  const fits = SCALES.filter((scale) => scale <= largest).find(
    (scale) => layOut(score, width / scale - 2 * MARGIN).height * scale <= height,
  );
  return fits ?? SCALES.at(-1)!;
}

/** Draws a score into an element, as wide as it is told, and decides nothing but where on the paper. */
export function draw(element: HTMLElement, score: ScoreDocument, width: number): Drawn {
  element.replaceChildren();
  const renderer = new Renderer(element as HTMLDivElement, Renderer.Backends.SVG);
  const context = renderer.getContext();
  const { systems, height } = layOut(score, width - 2 * MARGIN);
  renderer.resize(width, height);
  const drawn = new Map<number, StaveNote[]>();
  const sequence: { glyph: Glyph; note: StaveNote; row: number }[] = [];
  systems.forEach(({ measures: row, staff }, r) => {
    const head = headWidth(score, r === 0);
    const needed = row.reduce((sum, measure) => sum + minimumWidth(measure), 0);
    const room = width - 2 * MARGIN - head;
    // A last system that is far from full keeps its natural width.
    const stretch =
      r === systems.length - 1 && systems.length > 1 ? Math.min(room / needed, 1.6) : room / needed;
    let x = MARGIN;
    row.forEach((measure, m) => {
      const first = m === 0;
      const own = minimumWidth(measure) * stretch + (first ? head : 0);
      const stave = new Stave(x, staff, own);
      if (first) {
        stave.addClef(score.clef).addKeySignature(SIGNATURES[score.fifths + 7]!);
        if (r === 0) stave.addTimeSignature(score.meter);
      }
      stave.setContext(context).draw();
      const staveNotes = measure.glyphs.map((glyph) => note(glyph, score.clef));
      const beams = measure.beams.map((beam) => {
        const group = staveNotes.slice(beam.from, beam.to + 1);
        const up = group.filter((one) => one.getStemDirection() === Stem.UP).length * 2 >= group.length;
        group.forEach((one) => one.setStemDirection(up ? Stem.UP : Stem.DOWN));
        return new Beam(group);
      });
      const tuplets = measure.tuplets.map(
        (tuplet) =>
          new Tuplet(staveNotes.slice(tuplet.from, tuplet.to + 1), {
            numNotes: tuplet.actual,
            notesOccupied: tuplet.normal,
            bracketed: !measure.beams.some((beam) => beam.from === tuplet.from && beam.to === tuplet.to),
            ratioed: false,
          }),
      );
      const voice = new Voice().setMode(Voice.Mode.SOFT).addTickables(staveNotes);
      new Formatter().joinVoices([voice]).formatToStave([voice], stave);
      voice.draw(context, stave);
      beams.forEach((beam) => beam.setContext(context).draw());
      tuplets.forEach((tuplet) => tuplet.setContext(context).draw());
      measure.glyphs.forEach((glyph, i) => {
        sequence.push({ glyph, note: staveNotes[i]!, row: r });
        if (glyph.note != null) drawn.set(glyph.note, [...(drawn.get(glyph.note) ?? []), staveNotes[i]!]);
      });
      x += own;
    });
  });
  sequence.forEach(({ glyph, note: from, row }, i) => {
    const next = sequence[i + 1];
    if (!glyph.tied || !next) return;
    const sameRow = next.row === row;
    new StaveTie({
      firstNote: from,
      lastNote: sameRow ? next.note : undefined,
      firstIndexes: [0],
      lastIndexes: [0],
    })
      .setContext(context)
      .draw();
  });
  const elements = new Map<number, SVGElement[]>();
  drawn.forEach((notes, index) => {
    const found = notes.map((one) => one.getSVGElement()).filter((svg) => svg !== undefined);
    elements.set(index, found as SVGElement[]);
  });
  element.querySelector('svg')?.setAttribute('aria-hidden', 'true');
  return { height, notes: elements };
}
