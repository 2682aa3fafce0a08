import { useMemo } from 'react';
import type { TodayItem } from '../../api/types';
import { tried } from '../../core/answers';
import { useCore } from '../../core/useCore';
import { usePiece } from './useRoom';

/**
 * What is on the stand: the passage of the rung to play, or why there is none.
 *
 * @param chosen a tempo of the student's own choice
 */
export function useStand(item: TodayItem, chosen: number | undefined) {
  const kept = usePiece(item.assignmentId);
  const core = useCore();
  const { at, bpm: ofRung } = item.toPlay.here;
  const own = chosen === ofRung ? undefined : chosen;
  const piece = kept?.piece;
  const player = kept?.room.player;
  const speech = kept?.room.speech;
  const asked = useMemo(
    () => (piece && player && speech ? { piece, player, speech } : undefined),
    [piece, player, speech],
  );
  const worked = useMemo(
    () => (asked && core === 'ready' ? tried('rung', { ...asked, at, bpm: own }) : undefined),
    [asked, core, at, own],
  );
  const passage = worked?.answer;
  const asks = {
    drone: passage?.clicks?.drone.asked ?? ('off' as const),
    foot: passage?.clicks?.foot.asked ?? false,
  };
  return { asked, passage, refused: worked?.refused, at, bpm: own ?? ofRung, own, asks };
}

export type OnStand = ReturnType<typeof useStand>;
