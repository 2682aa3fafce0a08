import { useMemo } from 'react';
import type { Climb, StepDocument } from '../../../api/types';
import { tried } from '../../../core/answers';

/** What a climb can still grow by; nothing while its step cannot be made. */
export function useGrowth(step: StepDocument, climb: Climb) {
  return useMemo(() => tried('growth', { step, climb }).answer, [step, climb]);
}
