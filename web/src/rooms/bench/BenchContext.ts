import { createContext, useContext, type Dispatch } from 'react';
import type { Catalogue, Choices, ClimbAnswer, PassageDocument, Snap, Student } from '../../api/types';
import type { BenchAction, BenchState, BenchStep } from './state';
import type { Saving } from './useAutosave';
import type { Who } from './who';

/** The two sides of a step. */
export type Side = 'notes' | 'climb';

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
  /** The same as the core has to know them. */
  who: Who;
}

/** What the step comes to. */
export interface Worked {
  /** The last step that could be worked out; the one now may be refused. */
  passage?: PassageDocument;
  refused?: Error;
  /** What there is to choose from for this step. */
  choices: Choices;
  /** Applies the best way to land. */
  land: () => void;
  /** The climb worked out from the rung that is pressed; of the step before while the next is worked out. */
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
  /**
   * Moves the place to the one of that division nearest to a position, in whole notes from the downbeat; one drag is one
   * step of the undo.
   */
  placeAt: (x: number, drag: number) => void;
}

export const DraftContext = createContext<Draft | null>(null);
export const AroundContext = createContext<Around | null>(null);
export const WorkedContext = createContext<Worked | null>(null);
/** Draft and worked step for what follows a nudge later. */
export const CalmContext = createContext<{ draft: Draft; worked: Worked } | null>(null);
export const PlacingContext = createContext<Placing | null>(null);

function there<T>(shared: T | null): T {
  if (!shared) throw new Error('There is no bench here.');
  return shared;
}

export const useDraft = () => there(useContext(DraftContext));
export const useAround = () => there(useContext(AroundContext));
export const useWorked = () => there(useContext(WorkedContext));
export const useCalm = () => there(useContext(CalmContext));
export const usePlacing = () => there(useContext(PlacingContext));
