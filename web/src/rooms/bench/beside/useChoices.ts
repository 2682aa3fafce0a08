import { useDeferredValue, useMemo } from 'react';
import type { WalkOptions, WithAnswer } from '../../../api/types';
import { tried } from '../../../core/answers';
import { useAround, useDraft } from '../BenchContext';

/** Which voices can be played with the step, for whom it is; nothing while it cannot be read. */
export function useWith(): WithAnswer | undefined {
  const { who } = useAround();
  const step = useDeferredValue(useDraft().step.document);
  return useMemo(() => tried('with', { step, player: who.player }).answer, [step, who.player]);
}

/** Through which keys the step can go, and what a progression says that is being typed. */
export function useWays(typed?: string): WalkOptions | undefined {
  const step = useDeferredValue(useDraft().step.document);
  return useMemo(() => tried('walk-options', { step, typed }).answer, [step, typed]);
}
