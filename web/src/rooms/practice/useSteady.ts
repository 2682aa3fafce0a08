import { useState } from 'react';
import type { PassageDocument } from '../../api/types';

/** What is seen of a passage. */
function lookOf(passage: PassageDocument): string {
  return JSON.stringify([
    passage.notated?.score,
    passage.slips,
    passage.key.signature,
    passage.pulse?.attacks,
  ]);
}

/** The passage to show: the one before where the new one looks the same, so that nothing is drawn again for a tempo. */
export function useSteady(passage: PassageDocument | undefined): PassageDocument | undefined {
  const [shown, setShown] = useState<{ look: string; passage: PassageDocument }>();
  if (!passage) return shown?.passage;
  const look = lookOf(passage);
  if (shown?.look === look) return shown.passage;
  setShown({ look, passage });
  return passage;
}
