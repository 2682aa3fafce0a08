import {
  Renderer,
  StaveConnector,
  StaveTie,
  TextBracket,
  type RenderContext,
  type Stave,
  type StaveNote,
} from './engraver';
import type { ScoreDocument } from '../api/types';
import { drawBar } from './bars';
import { drawSlur, type Placed, type Sign } from './curves';
import { barWidth, BRACE, headWidth, layOut, MARGIN, WORDS_HEIGHT } from './layout';
import { drawQuicker } from './quicker';
import type { Measure } from './staff';
import { fifthsAt, LINE, stavesOf } from './staves';
import { drawStrings } from './strings';
import { roomFor, rowsOf, sizeThatFits, wideOf, WORD_SIZE, type WordLine } from './words';

export { signsReady } from './engraver';
export { fittingScale } from './layout';

/** What stands on the paper: the height it took, and the drawn signs of each note, ties included. */
export interface Drawn {
  height: number;
  notes: Map<number, SVGElement[]>;
  /** The same of the further voices that are written, by their place among the voices. */
  voices: Map<number, Map<number, SVGElement[]>>;
}

/** The signs of one voice, in order. */
interface Written {
  score: ScoreDocument;
  /** Whether it is the first voice of its staff, to which slurs and ottavas belong. */
  leads: boolean;
  signs: Sign[];
}

const WIDEST_STRETCH = 1.6;
/** Words of so many letters stand at their notes whatever the room. */
const SHORT = 2;
const HALF_HEAD = 6;
const OVER_NOTES = 8;
const TUPLET_NUMBER = 22;

/** So long, in milliseconds, it is drawn at a stretch; then the page hears what was pressed meanwhile. */
const STRETCH_MS = 40;

const breath = () => new Promise((next) => setTimeout(next));

/**
 * Draws a score into an element, as wide as it is told, and decides nothing but where on the paper. What was there stays
 * until all of it is drawn; nothing is drawn once it is not wanted any more.
 *
 * @param lines what stands under the notes, or over the top staff
 */
export async function draw(
  element: HTMLElement,
  score: ScoreDocument,
  width: number,
  lines: WordLine[] = [],
  isWanted: () => boolean = () => true,
): Promise<Drawn | undefined> {
  // Drawn beside the page and hung into it whole, so that the page is laid out once.
  drawQuicker();
  const sheet = document.createElement('div');
  const renderer = new Renderer(sheet, Renderer.Backends.SVG);
  const context = renderer.getContext();
  const views = stavesOf(score);
  const joined = views.length > 1;
  const { systems, height } = layOut(score, width - 2 * MARGIN, roomFor(lines));
  renderer.resize(width, height);
  const written = new Map<number, Written>();
  const keep = (voice: number, of: ScoreDocument, leads: boolean, signs: Sign[]) => {
    const own = written.get(voice) ?? { score: of, leads, signs: [] };
    own.signs.push(...signs);
    written.set(voice, own);
  };
  let since = performance.now();
  for (const [row, { measures, bars, staves, words }] of systems.entries()) {
    if (performance.now() - since > STRETCH_MS) {
      await breath();
      if (!isWanted()) return undefined;
      since = performance.now();
    }
    const head = headWidth(score, row === 0, bars[0]);
    const needed = bars.reduce((sum, bar) => sum + barWidth(score, bar), 0);
    const room = width - 2 * MARGIN - head;
    // A last system that is far from full keeps its natural width.
    const last = row === systems.length - 1 && systems.length > 1;
    const stretch = last ? Math.min(room / needed, WIDEST_STRETCH) : room / needed;
    const left = MARGIN + (joined ? BRACE : 0);
    let x = left;
    measures.forEach((_, m) => {
      const bar = bars[m]!;
      const opening = m === 0 ? head - (joined ? BRACE : 0) : 0;
      const own = barWidth(score, bar) * stretch + opening;
      const ofStaves = views.map((view, i) => {
        const measure = view.score.measures[bar]!;
        const next = view.score.measures[bar + 1];
        return {
          ...view,
          measure,
          fifths: fifthsAt(view.score, bar),
          y: staves[i]!,
          nextClef: next && next.clef !== measure.clef ? next.clef : undefined,
        };
      });
      const drawn = drawBar(
        context,
        ofStaves,
        { x, width: own },
        { opens: m === 0, first: m === 0 && row === 0, last: bar === score.measures.length - 1 },
      );
      ofStaves.forEach(({ voice, measure, score: of }, i) => {
        const { notes, second } = drawn[i]!;
        keep(
          voice,
          of,
          true,
          measure.glyphs.map((glyph, g) => ({ glyph, note: notes[g]!, row })),
        );
        const layer = measure.second;
        if (layer) {
          keep(
            layer.voice,
            of,
            false,
            layer.glyphs.map((glyph, g) => ({ glyph, note: second[g]!, row })),
          );
        }
        drawChords(context, measure, notes, systems[row]!.top);
      });
      if (joined)
        joinStaves(
          context,
          drawn.map((one) => one.stave),
          score.braced === true,
          {
            opens: m === 0,
            ends: bar === score.measures.length - 1,
          },
        );
      x += own;
    });
    let under = 0;
    let over = 0;
    for (const line of lines) {
      const ownSigns = (written.get(line.voice)?.signs ?? []).filter((sign) => sign.row === row);
      if (line.strings) {
        drawStrings(context, ownSigns, line, words + under * WORDS_HEIGHT, width - MARGIN);
        under += rowsOf(line);
        continue;
      }
      if (!line.above) under += 1;
      const y = line.above ? overNotes(ownSigns) - over * WORDS_HEIGHT : words + under * WORDS_HEIGHT - 6;
      if (line.above) over += 1;
      drawWords(context, ownSigns, line.words, y);
    }
  }
  for (const one of written.values()) {
    drawTies(context, one.signs);
    if (one.leads) drawOver(context, one);
  }
  const beginning = written.get(LINE)!.signs.find((sign) => sign.glyph.note === 0);
  if (score.instruction && beginning) {
    context.setFont('Figtree Variable', 12, 'normal', 'italic');
    context.fillText(score.instruction, beginning.note.getAbsoluteX(), systems[0]!.top + 14);
  }
  sheet.querySelector('svg')?.setAttribute('aria-hidden', 'true');
  element.replaceChildren(...sheet.childNodes);
  // The engraver finds its signs by their names in the page, so not before they hang there.
  const voices = new Map([...written].map(([voice, one]) => [voice, elementsOf(one.signs)]));
  return { height, notes: voices.get(LINE)!, voices };
}

/** What reaches over the notes of one staff: slurs and ottavas. */
function drawOver(context: RenderContext, { score, signs }: Written) {
  const attacks = new Map<number, Sign>();
  signs.forEach((sign) => {
    if (sign.glyph.note != null && !attacks.has(sign.glyph.note)) attacks.set(sign.glyph.note, sign);
  });
  const stretch = (part: { fromNote: number; toNote: number }) =>
    [...attacks].filter(([note]) => part.fromNote <= note && note <= part.toNote).map(([, sign]) => sign);
  score.slurs.forEach((slur) => drawSlur(context, stretch(slur), slur.above));
  score.ottavas.forEach((ottava) => drawOttava(context, stretch(ottava), ottava.octaves));
}

/** The chords over a bar, each over what sounds as it begins. */
function drawChords(context: RenderContext, measure: Measure, notes: StaveNote[], top: number) {
  if (!measure.chords) return;
  context.setFont('Figtree Variable', 14, 'bold');
  for (const { glyph, chord } of measure.chords) {
    context.fillText(chord, notes[glyph]!.getAbsoluteX() - 2, top + 22);
  }
}

/** The lines and the brace or bracket that make one system of several staves. */
function joinStaves(
  context: RenderContext,
  staves: Stave[],
  braced: boolean,
  bar: { opens: boolean; ends: boolean },
) {
  const line = (type: 'brace' | 'bracket' | 'singleLeft' | 'singleRight' | 'boldDoubleRight') =>
    new StaveConnector(staves[0]!, staves.at(-1)!).setType(type).setContext(context).draw();
  if (bar.opens) {
    line(braced ? 'brace' : 'bracket');
    line('singleLeft');
  }
  if (braced) line(bar.ends ? 'boldDoubleRight' : 'singleRight');
}

function drawTies(context: RenderContext, signs: Sign[]) {
  signs.forEach(({ glyph, note, row }, i) => {
    const next = signs[i + 1];
    if (!glyph.tied || !next) return;
    const sameRow = next.row === row;
    const tie = { firstIndexes: [0], lastIndexes: [0] };
    new StaveTie({ ...tie, firstNote: note, lastNote: sameRow ? next.note : undefined })
      .setContext(context)
      .draw();
    if (!sameRow) new StaveTie({ ...tie, lastNote: next.note }).setContext(context).draw();
  });
}

/** The bracket over or under notes that are written an octave from where they sound; one for each row. */
function drawOttava(context: RenderContext, notes: Placed[], octaves: number) {
  for (const row of new Set(notes.map((placed) => placed.row))) {
    const inRow = notes.filter((placed) => placed.row === row).map((placed) => placed.note);
    const above = octaves > 0;
    const bracket = new TextBracket({
      start: inRow[0]!,
      stop: inRow.at(-1)!,
      text: Math.abs(octaves) > 1 ? '15' : '8',
      superscript: Math.abs(octaves) > 1 ? (above ? 'ma' : 'mb') : above ? 'va' : 'vb',
      position: above ? TextBracket.Position.TOP : TextBracket.Position.BOTTOM,
    });
    bracket.setLine(lineOver(inRow, above));
    bracket.setContext(context).draw();
  }
}

/** The text line of a staff that clears these notes. */
function lineOver(notes: StaveNote[], above: boolean): number {
  const stave = notes[0]!.checkStave();
  const tips = notes.map((note) => {
    const stem = note.hasStem() ? note.getStemExtents() : undefined;
    const ys = [note.getYs()[0]!, ...(stem ? [stem.topY] : [])];
    // The number of a tuplet stands between the notes and the bracket.
    const number = note.getTuplet() ? TUPLET_NUMBER : 0;
    return above ? Math.min(...ys) - number : Math.max(...ys);
  });
  for (let line = 1; line < 12; line++) {
    const y = above ? stave.getYForTopText(line) : stave.getYForBottomText(line);
    if (above ? y < Math.min(...tips) - 6 : y > Math.max(...tips) + 10) return line;
  }
  return 12;
}

/** Above everything that the notes of a row have, and above their staff. */
function overNotes(signs: Sign[]): number {
  const tops = signs.flatMap(({ note }) => [
    note.checkStave().getYForLine(0),
    ...note.getYs(),
    ...(note.hasStem() ? [note.getStemExtents().topY] : []),
  ]);
  return Math.min(...tops) - OVER_NOTES;
}

/**
 * One line of words by the notes of a row, a word at each attack. Where there is little room they are smaller, and where that is not
 * enough the long ones are left out.
 */
function drawWords(context: RenderContext, signs: Sign[], line: string[], y: number) {
  const attacks = new Map<number, Sign>();
  for (const sign of signs) {
    const index = sign.glyph.note;
    if (index != null && !attacks.has(index)) attacks.set(index, sign);
  }
  const words = [...attacks].map(([index, sign]) => ({
    word: line[index] ?? '',
    middle: sign.note.getAbsoluteX() + HALF_HEAD,
  }));
  const size = sizeThatFits(words);
  context.setFont('Figtree Variable', WORD_SIZE * size);
  let free = -Infinity;
  for (const { word, middle } of words) {
    const wide = wideOf(word) * size;
    const x = middle - wide / 2;
    if (x < free && word.length > SHORT) continue;
    context.fillText(word, x, y);
    free = x + wide;
  }
}

function elementsOf(signs: Sign[]): Map<number, SVGElement[]> {
  const elements = new Map<number, SVGElement[]>();
  for (const { glyph, note } of signs) {
    const svg = note.getSVGElement();
    if (glyph.note != null && svg) elements.set(glyph.note, [...(elements.get(glyph.note) ?? []), svg]);
  }
  return elements;
}
