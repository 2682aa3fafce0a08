import { useDeferredValue, useMemo } from 'react';
import type { StepDocument, StepSaid } from '../../api/types';
import { tried } from '../../core/answers';
import { useAround } from './BenchContext';

/**
 * What a step is, in few words; nothing where it cannot be read. While it changes under the finger, the words follow the
 * notes.
 */
export function useSaid(document: StepDocument): StepSaid | undefined {
  const { speech } = useAround().who.studio;
  const step = useDeferredValue(document);
  return useMemo(() => tried('said', { step, speech }).answer, [step, speech]);
}
