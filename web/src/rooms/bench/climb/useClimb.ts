import type { Climb, ClimbPractice } from '../../../api/types';
import { useLater } from '../../../core/useLater';
import { isoDay } from '../../../ui/words';
import type { BenchStep } from '../state';
import type { Who } from '../who';

/** What a climb is worked out with, beside the step and the climb itself. */
export interface ClimbWith {
  at?: number[];
  /** Another climb, taken up from the nearest rung that is not harder. */
  instead?: Climb;
  practice?: ClimbPractice;
}

/** The climb of a step worked out for somebody. */
export function useClimb(step: Pick<BenchStep, 'document' | 'climb'>, who: Who, asked: ClimbWith) {
  return useLater('climb', {
    step: step.document,
    climb: step.climb,
    player: who.player,
    cleanShare: who.student?.cleanShare,
    studio: who.studio.pace,
    today: isoDay(),
    speech: who.studio.speech,
    ...asked,
  });
}
