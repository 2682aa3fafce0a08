import { useTakeBack } from '../../api/climbs';
import type { DeskWork } from '../../api/types';
import { undoHint } from '../../ui/undo';

/** Says what was decided, and offers to take it back. */
export function useDecided(work: DeskWork) {
  const takeBack = useTakeBack();
  return (message: string) => undoHint(message, () => takeBack.mutate(work.assignmentId));
}
