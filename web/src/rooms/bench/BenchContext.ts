import { createContext, useContext, type Dispatch } from 'react';
import type { Catalogue, ClimbAnswer, PassageDocument, Student } from '../../api/types';
import type { Side, Snap } from './snapping';
import type { BenchAction, BenchState, BenchStep } from './state';
import type { Saving } from './useAutosave';

/** What lies on the bench, and how it is changed and kept. */
export interface Draft {
  state: BenchState;
  /** The step on the bench. */
  step: BenchStep;
  dispatch: Dispatch<BenchAction>;
  saving: Saving;
}

/** What there is to choose from, and whom it is for. */
export interface Around {
  catalogue: Catalogue;
  students: Student[];
  student?: Student;
}

/** What the step comes to. */
export interface Worked {
  /** The last step that could be worked out; the one now may be refused. */
  passage?: PassageDocument;
  refused: unknown;
  /** Whether the passage is that of the step as it stands now, and not of one before. */
  fresh: boolean;
  /** Applies the best way to land; of the step as it stands now, as soon as it is worked out. */
  land: () => void;
  /** The climb worked out from the rung that is pressed; of the step before while the next is on its way. */
  climb?: ClimbAnswer;
  climbRefused: unknown;
}

/** Which side of the step is up, and by which division its place moves. */
export interface Placing {
  /** Whether the notes lie on the bench, or how they grow. */
  side: Side;
  setSide: (side: Side) => void;
  snap: Snap;
  setSnap: (snap: Snap) => void;
  /** Moves the place by that many places of the division it snaps to. */
  nudge: (clicks: number) => void;
  /** Moves the place to the one of that division nearest to a position, in whole notes from the downbeat. */
  placeAt: (x: number) => void;
}

export const DraftContext = createContext<Draft | null>(null);
export const AroundContext = createContext<Around | null>(null);
export const WorkedContext = createContext<Worked | null>(null);
export const PlacingContext = createContext<Placing | null>(null);

function there<T>(shared: T | null): T {
  if (!shared) throw new Error('There is no bench here.');
  return shared;
}

export const useDraft = () => there(useContext(DraftContext));
export const useAround = () => there(useContext(AroundContext));
export const useWorked = () => there(useContext(WorkedContext));
export const usePlacing = () => there(useContext(PlacingContext));
