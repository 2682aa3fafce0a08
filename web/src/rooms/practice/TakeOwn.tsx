import { useContext } from 'react';
import { TakeAwayDialog } from '../../parts/takeaway/TakeAwayDialog';
import type { OwnSound } from '../../parts/takeaway/ownSound';
import type { Today, TodayItem } from '../../api/types';
import { KeptContext, type Kept } from './useRoom';

interface Props {
  token: string;
  today: Today;
  item: TodayItem;
  onClose: () => void;
}

/** Items of a list as they sound, each on the rung where it is; nothing where one of them is not here. */
function soundOf(kept: Kept | undefined, title: string, items: TodayItem[]): OwnSound | undefined {
  if (!kept) return undefined;
  const { student, player, speech, pieces } = kept.room;
  const parts = items.flatMap((item) => {
    const piece = pieces.find((one) => one.assignmentId === item.assignmentId);
    return piece ? [{ step: piece.step, climb: piece.climb, at: item.toPlay.here.at }] : [];
  });
  return parts.length === items.length ? { whose: student, title, speech, player, pieces: parts } : undefined;
}

/** A student's own piece, or all of today's list, as a file: its notes and its sound. */
export function TakeOwn({ token, today, item, onClose }: Props) {
  const kept = useContext(KeptContext);
  const playable = today.items.filter((one) => !one.misfit);
  return (
    <TakeAwayDialog
      things={[
        {
          label: 'this piece',
          subject: { token, assignment: item.assignmentId },
          sound: soundOf(kept, item.head.title, [item]),
        },
        {
          label: 'all of today',
          subject: { token },
          sound: soundOf(kept, "today's list", playable),
        },
      ]}
      formats={['musicxml', 'mxl', 'wav', 'midi']}
      onClose={onClose}
    />
  );
}
