import { useDeferredValue } from 'react';
import { useLater } from '../../../core/useLater';
import { useAround, useDraft } from '../BenchContext';

/** The ways of a note of the step, for whom it is: worked out beside the page, since every way is tried through the line. */
export function useFingers(note: number) {
  const { who } = useAround();
  const step = useDeferredValue(useDraft().step.document);
  return useLater('fingers', { step, player: who.player, note });
}
