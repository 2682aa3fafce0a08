import { Renderer, StaveTie, TextBracket, type RenderContext, type StaveNote } from './engraver';
import type { ScoreDocument } from '../api/types';
import { drawBar } from './bars';
import { drawSlur, type Placed } from './curves';
import { headWidth, layOut, MARGIN, minimumWidth, WORDS_HEIGHT } from './layout';
import { drawQuicker } from './quicker';
import type { Glyph } from './staff';

export { signsReady } from './engraver';
export { fittingScale } from './layout';

/** What stands on the paper: the height it took, and the drawn signs of each note, ties included. */
export interface Drawn {
  height: number;
  notes: Map<number, SVGElement[]>;
}

interface Sign extends Placed {
  glyph: Glyph;
}

const WIDEST_STRETCH = 1.6;
const NARROW_WORDS = 26;
const TUPLET_NUMBER = 22;

/**
 * Draws a score into an element, as wide as it is told, and decides nothing but where on the paper.
 *
 * @param lines for each line of words under the notes, the word of each note of the passage
 */
export function draw(
  element: HTMLElement,
  score: ScoreDocument,
  width: number,
  lines: string[][] = [],
): Drawn {
  // Drawn beside the page and hung into it whole, so that the page is laid out once.
  drawQuicker();
  const sheet = document.createElement('div');
  const renderer = new Renderer(sheet, Renderer.Backends.SVG);
  const context = renderer.getContext();
  const { systems, height } = layOut(score, width - 2 * MARGIN, lines.length);
  renderer.resize(width, height);
  const signs: Sign[] = [];
  systems.forEach(({ measures, staff, words }, row) => {
    const head = headWidth(score, row === 0);
    const needed = measures.reduce((sum, measure) => sum + minimumWidth(measure), 0);
    const room = width - 2 * MARGIN - head;
    // A last system that is far from full keeps its natural width.
    const last = row === systems.length - 1 && systems.length > 1;
    const stretch = last ? Math.min(room / needed, WIDEST_STRETCH) : room / needed;
    let x = MARGIN;
    measures.forEach((measure, m) => {
      const own = minimumWidth(measure) * stretch + (m === 0 ? head : 0);
      const next = measures[m + 1] ?? systems[row + 1]?.measures[0];
      const notes = drawBar(
        context,
        score,
        measure,
        { x, y: staff, width: own },
        {
          opens: m === 0,
          first: m === 0 && row === 0,
          nextClef: next && next.clef !== measure.clef ? next.clef : undefined,
          last: next === undefined,
        },
      );
      measure.glyphs.forEach((glyph, i) => signs.push({ glyph, note: notes[i]!, row }));
      x += own;
    });
    lines.forEach((line, i) => {
      drawWords(context, signs, row, line, words + (i + 1) * WORDS_HEIGHT - 6);
    });
  });
  drawTies(context, signs);
  const attacks = new Map<number, Sign>();
  signs.forEach((sign) => {
    if (sign.glyph.note != null && !attacks.has(sign.glyph.note)) attacks.set(sign.glyph.note, sign);
  });
  const stretch = (part: { fromNote: number; toNote: number }) =>
    [...attacks].filter(([note]) => part.fromNote <= note && note <= part.toNote).map(([, sign]) => sign);
  score.slurs.forEach((slur) => drawSlur(context, stretch(slur), slur.above));
  score.ottavas.forEach((ottava) => drawOttava(context, stretch(ottava), ottava.octaves));
  if (score.instruction && attacks.has(0)) {
    context.setFont('Figtree Variable', 12, 'normal', 'italic');
    context.fillText(score.instruction, attacks.get(0)!.note.getAbsoluteX(), systems[0]!.top + 14);
  }
  sheet.querySelector('svg')?.setAttribute('aria-hidden', 'true');
  element.replaceChildren(...sheet.childNodes);
  return { height, notes: elementsOf(signs) };
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

/** One line of words under a row, a word under each attack; where there is little room the long ones are left out. */
function drawWords(context: RenderContext, signs: Sign[], row: number, line: string[], y: number) {
  context.setFont('Figtree Variable', 12.5);
  let free = -Infinity;
  const seen = new Set<number>();
  for (const sign of signs) {
    const index = sign.glyph.note;
    if (sign.row !== row || index == null || seen.has(index)) continue;
    seen.add(index);
    const word = line[index] ?? '';
    const wide = word.length * 6.2;
    const x = sign.note.getAbsoluteX() + 6 - wide / 2;
    if (x < free && wide > NARROW_WORDS / 2) continue;
    context.fillText(word, x, y);
    free = x + wide + 3;
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
