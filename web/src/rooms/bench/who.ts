import { useMemo } from 'react';
import type { BenchStudent, BenchStudio, PassageDocument, StepDocument } from '../../api/types';
import { type Outcome, tried } from '../../core/answers';

/** For whom a step is worked out, as the core has to know it. */
export interface Who {
  studio: BenchStudio;
  player?: BenchStudio['players'][number]['player'];
  /** What is known of that student besides; nothing while it is on its way. */
  student?: BenchStudent;
}

const BESIDE = ['score', 'clicks', 'pulse', 'near'] as const;

/** A step worked out for somebody, or why it cannot be; in the same frame. */
export function usePassage(step: StepDocument, who: Who): Outcome<PassageDocument> {
  const { studio, player, student } = who;
  return useMemo(
    () =>
      tried('passage', {
        step,
        player,
        keysBefore: student?.keys,
        speech: studio.speech,
        with: [...BESIDE],
      }),
    [step, player, student, studio],
  );
}
