import { useMemo } from 'react';
import type { components } from '../../api/schema.gen';
import type { StepDocument } from '../../api/types';
import { tried } from '../../core/answers';
import { useAround } from './BenchContext';

/** What a step is, in few words; nothing where it cannot be read. */
export function useSaid(step: StepDocument): components['schemas']['SaidAnswer'] | undefined {
  const { speech } = useAround().who.studio;
  return useMemo(() => tried('said', { step, speech }).answer, [step, speech]);
}
