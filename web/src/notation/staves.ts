import type { ScoreDocument } from '../api/types';
import type { Measure } from './staff';

/** What stands for the line itself where voices are numbered. */
export const LINE = -1;

/** One staff of a score: whose voice stands on it, −1 for the line itself. */
export interface StaffView {
  voice: number;
  score: ScoreDocument;
}

/** The staves of a score from the top down. */
export function stavesOf(score: ScoreDocument): StaffView[] {
  const others = score.staves ?? [];
  return [
    ...others.filter((one) => one.above),
    { voice: LINE, score },
    ...others.filter((one) => !one.above),
  ];
}

/** The signature in force in a bar, the first of the score 0. */
export function fifthsAt(score: ScoreDocument, bar: number): number {
  for (let i = bar; i > 0; i--) {
    const changed = score.measures[i]?.fifths;
    if (changed != null) return changed;
  }
  return score.fifths;
}

/** Everything that is struck or rests in a bar of a staff, both of its voices. */
export function glyphsOf(measure: Measure) {
  return [...measure.glyphs, ...(measure.second?.glyphs ?? [])];
}
