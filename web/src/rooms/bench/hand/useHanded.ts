import { useDeferredValue, useMemo } from 'react';
import type { PassageDocument, StepDocument } from '../../../api/types';
import { usePartLater } from '../../../core/useLater';
import type { Who } from '../who';

/** What is known of a passage by how it is fingered, and of which notes. */
function fingered({ hand, pedals, care, notes }: PassageDocument) {
  return { hand, pedals, care, pitches: notes.map((note) => note.pitch) };
}

/**
 * A passage with how it is fingered: worked out beside the page, so that a nudge is drawn in its frame. Until it is there, what was
 * known of the same notes stays; of others nothing is said.
 */
export function useHanded(
  passage: PassageDocument | undefined,
  step: StepDocument,
  who: Who,
): PassageDocument | undefined {
  const { studio, player, student } = who;
  const deferred = useDeferredValue(step);
  const { data } = usePartLater(
    'passage',
    { step: deferred, player, keysBefore: student?.keys, speech: studio.speech, with: ['hand'] },
    fingered,
    player !== undefined,
  );
  return useMemo(() => {
    if (!passage || !player || !(data?.hand || data?.pedals)) return passage;
    const { hand, pedals, care, pitches } = data;
    const same =
      pitches.length === passage.notes.length && passage.notes.every((note, i) => note.pitch === pitches[i]);
    return same ? { ...passage, hand, pedals, care } : passage;
  }, [passage, player, data]);
}
