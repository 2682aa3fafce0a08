import { notifications } from '@mantine/notifications';
import { sentenceOf } from '../../../api/client';
import { useKeepUsual } from '../../../api/settings';
import { signs } from '../../../ui/signs';
import { undoNote } from '../../../ui/undo';
import { useAround } from '../BenchContext';

/** Takes a way for the studio's usual one of a note, on the instrument of whoever plays; or takes that back. */
export function useOurs() {
  const { player } = useAround().who;
  const keep = useKeepUsual();
  return (pitch: string, way: string, usual: boolean) => {
    if (!player || keep.isPending) return;
    const { instrument } = player;
    const body = { instrument: instrument.fingeredLike ?? instrument.id, pitch };
    const before = player.hand?.usual?.find((one) => one.pitch === pitch)?.way;
    keep.mutate(
      { ...body, way: usual ? way : undefined },
      {
        onSuccess: () =>
          undoNote(
            usual
              ? `That is how ${signs(pitch)} is played in your studio now.`
              : `${signs(pitch)} is played as it was again.`,
            () => keep.mutateAsync({ ...body, way: before }),
          ),
        onError: (error) => notifications.show({ message: sentenceOf(error), color: 'clay' }),
      },
    );
  };
}
