import { createContext, useContext, type Dispatch } from 'react';
import type { Catalogue, PassageDocument, Student } from '../../api/types';
import type { BenchAction, BenchState } from './state';

/** What every part of the bench shares. */
export interface BenchShared {
  state: BenchState;
  dispatch: Dispatch<BenchAction>;
  catalogue: Catalogue;
  students: Student[];
  student?: Student;
  /** The last step that could be worked out; the one now may be refused. */
  passage?: PassageDocument;
  refused: unknown;
  /** Moves the place by that many clicks of the grid. */
  nudge: (clicks: number) => void;
}

export const BenchContext = createContext<BenchShared | null>(null);

export function useBench(): BenchShared {
  const bench = useContext(BenchContext);
  if (!bench) throw new Error('There is no bench here.');
  return bench;
}
