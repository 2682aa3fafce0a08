import { createContext, useContext, type Dispatch } from 'react';
import type { Catalogue, ClimbAnswer, PassageDocument, Student } from '../../api/types';
import type { BenchAction, BenchState, BenchStep } from './state';
import type { Saving } from './useAutosave';

/** The division that nudging and dragging snap to; clicks of the figure by default. */
export type Snap = 'clicks' | 'eighths' | 'sixteenths' | 'triplets';

/** The two sides of a step. */
export type Side = 'notes' | 'climb';

/** What every part of the bench shares. */
export interface BenchShared {
  state: BenchState;
  /** The step on the bench. */
  step: BenchStep;
  dispatch: Dispatch<BenchAction>;
  saving: Saving;
  catalogue: Catalogue;
  students: Student[];
  student?: Student;
  /** The last step that could be worked out; the one now may be refused. */
  passage?: PassageDocument;
  refused: unknown;
  /** The climb worked out from the rung that is pressed; of the step before while the next is on its way. */
  climb?: ClimbAnswer;
  climbRefused: unknown;
  /** Whether the notes lie on the bench, or how they grow. */
  side: Side;
  setSide: (side: Side) => void;
  /** Whether the passage is that of the step as it stands now, and not of one before. */
  fresh: boolean;
  /** Applies the best way to land; of the step as it stands now, as soon as it is worked out. */
  land: () => void;
  snap: Snap;
  setSnap: (snap: Snap) => void;
  /** Moves the place by that many places of the division it snaps to. */
  nudge: (clicks: number) => void;
  /** Moves the place to the one of that division nearest to a position, in whole notes from the downbeat. */
  placeAt: (x: number) => void;
}

export const BenchContext = createContext<BenchShared | null>(null);

export function useBench(): BenchShared {
  const bench = useContext(BenchContext);
  if (!bench) throw new Error('There is no bench here.');
  return bench;
}
