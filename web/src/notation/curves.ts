import { Stem, type RenderContext, type StaveNote } from './engraver';
import type { Glyph } from './staff';

/** A drawn note with the row of the paper it stands in. */
export interface Placed {
  note: StaveNote;
  row: number;
}

/** A drawn sign of a line, with what the score says of it. */
export interface Sign extends Placed {
  glyph: Glyph;
}

const GAP = 9;
const LIFT = 13;
const THICKNESS = 2.6;
const EDGE = 16;

/** The edge of a note on one side: the tip of its stem where it points there, else its head. */
function edge(note: StaveNote, above: boolean): number {
  const head = note.getYs()[0]!;
  const stemThere = note.hasStem() && (note.getStemDirection() === Stem.UP) === above;
  if (!stemThere) return head;
  const tip = note.getStemExtents().topY;
  return above ? Math.min(head, tip) : Math.max(head, tip);
}

/** A slur over the notes of one row: an arc that clears them all. */
function arc(context: RenderContext, notes: StaveNote[], above: boolean, opens: boolean, closes: boolean) {
  const sign = above ? -1 : 1;
  const middle = (note: StaveNote) => note.getAbsoluteX() + 6;
  const from = notes[0]!;
  const to = notes.at(-1)!;
  const x1 = opens ? middle(from) : from.checkStave().getNoteStartX() - 4;
  const x2 = closes ? middle(to) : to.checkStave().getX() + to.checkStave().getWidth() - 2;
  const y1 = edge(from, above) + sign * GAP;
  const y2 = edge(to, above) + sign * GAP;
  const far = notes.map((note) => edge(note, above) * sign);
  const clear = Math.max(...far) + GAP + Math.min(LIFT, (x2 - x1) / 6);
  // A cubic reaches three quarters of the way to its control points.
  const middleY = ((y1 + y2) / 2) * sign;
  const control = sign * (middleY + Math.max(LIFT, (clear - middleY) / 0.75));
  const inset = Math.min(Math.max((x2 - x1) * 0.25, EDGE / 2), 60);
  context.beginPath();
  context.moveTo(x1, y1);
  context.bezierCurveTo(x1 + inset, control, x2 - inset, control, x2, y2);
  context.bezierCurveTo(
    x2 - inset,
    control + sign * THICKNESS,
    x1 + inset,
    control + sign * THICKNESS,
    x1,
    y1,
  );
  context.closePath();
  context.fill();
}

/** Draws a slur, one arc for each row it goes through. */
export function drawSlur(context: RenderContext, notes: Placed[], above: boolean) {
  const rows = [...new Set(notes.map((placed) => placed.row))];
  rows.forEach((row, i) => {
    const inRow = notes.filter((placed) => placed.row === row).map((placed) => placed.note);
    arc(context, inRow, above, i === 0, i === rows.length - 1);
  });
}
