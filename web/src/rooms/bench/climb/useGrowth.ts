import { useMemo } from 'react';
import type { Climb, StepDocument } from '../../../api/types';
import { tried } from '../../../core/answers';
import { useAround } from '../BenchContext';

/** What a climb can still grow by for whoever plays it; nothing while its step cannot be made. */
export function useGrowth(step: StepDocument, climb: Climb) {
  const { player } = useAround().who;
  return useMemo(() => tried('growth', { step, climb, player }).answer, [step, climb, player]);
}
