import { useMemo } from 'react';
import { useSearchParams } from 'react-router';
import type { TodayItem, VoicePart } from '../../api/types';
import { tried } from '../../core/answers';
import { useCore } from '../../core/useCore';
import { usePiece } from './useRoom';

/** The voice that the address asks for, where it is a partner's; a friend on a second device plays it. */
function partOf(asked: string | null, voices: VoicePart[] | undefined): number | undefined {
  const part = asked === null ? undefined : Number(asked);
  return part !== undefined && voices?.[part]?.by === 'partner' ? part : undefined;
}

/**
 * What is on the stand: the passage of the rung to play, or why there is none.
 *
 * @param chosen a tempo of the student's own choice
 */
export function useStand(item: TodayItem, chosen: number | undefined) {
  const kept = usePiece(item.assignmentId);
  const core = useCore();
  const [search] = useSearchParams();
  const { at, bpm: ofRung } = item.toPlay.here;
  const own = chosen === ofRung ? undefined : chosen;
  const piece = kept?.piece;
  const player = kept?.room.player;
  const speech = kept?.room.speech;
  const asked = useMemo(
    () => (piece && player && speech ? { piece, player, speech } : undefined),
    [piece, player, speech],
  );
  const part = partOf(search.get('part'), piece?.step.voices);
  const worked = useMemo(
    () => (asked && core === 'ready' ? tried('rung', { ...asked, at, bpm: own, part }) : undefined),
    [asked, core, at, own, part],
  );
  const passage = worked?.answer;
  const asks = {
    drone: passage?.clicks?.drone.asked ?? ('off' as const),
    foot: passage?.clicks?.foot.asked ?? false,
  };
  return { asked, passage, refused: worked?.refused, at, bpm: own ?? ofRung, own, asks, part };
}

export type OnStand = ReturnType<typeof useStand>;
