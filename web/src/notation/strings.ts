import type { RenderContext } from './engraver';
import type { Sign } from './curves';
import { STRING_GAP, STRING_HEAD, type WordLine } from './words';

const BEFORE = 14;
const WIDE = 7;
const BASE = 4.5;

/** A staff of strings under the notes: on each string the frets that stop it, each under its note. */
export function drawStrings(
  context: RenderContext,
  signs: Sign[],
  line: WordLine,
  top: number,
  right: number,
) {
  const { count, of } = line.strings!;
  const at = new Map<number, number>();
  for (const { glyph, note } of signs) {
    if (glyph.note != null && !at.has(glyph.note)) at.set(glyph.note, note.getAbsoluteX() + 6);
  }
  const left = Math.min(...at.values()) - BEFORE;
  context.setFont('Figtree Variable', 12.5, 'bold');
  context.setLineWidth(0.8);
  for (let string = 1; string <= count; string++) {
    const y = top + STRING_HEAD + (string - 1) * STRING_GAP;
    const stops = [...at.keys()].filter((note) => of[note] === string && line.words[note]);
    // The line leaves room for its numbers, so that they stand on the paper itself.
    let from = left;
    for (const note of stops) {
      const x = at.get(note)!;
      stretch(context, from, x - WIDE, y);
      context.fillText(line.words[note]!, x - (line.words[note]!.length * WIDE) / 2, y + BASE);
      from = x + WIDE;
    }
    stretch(context, from, right, y);
  }
}

function stretch(context: RenderContext, from: number, to: number, y: number) {
  if (to <= from) return;
  context.beginPath();
  context.moveTo(from, y);
  context.lineTo(to, y);
  context.stroke();
}
