import { useRef } from 'react';
import type { PassageDocument } from '../../api/types';

/** The passage to show: the one before where the new one looks the same, so that nothing is drawn again for a tempo. */
export function useSteady(passage: PassageDocument | undefined): PassageDocument | undefined {
  const shown = useRef<{ look: string; passage: PassageDocument } | undefined>(undefined);
  if (!passage) return shown.current?.passage;
  const look = JSON.stringify([
    passage.notated?.score,
    passage.slips,
    passage.key.signature,
    passage.pulse?.attacks,
  ]);
  if (shown.current?.look !== look) shown.current = { look, passage };
  return shown.current.passage;
}
