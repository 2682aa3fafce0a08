import { Button } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import { usePlace } from '../../api/climbs';
import type { MoveView } from '../../api/types';
import { Wrong } from '../../ui/Wrong';
import classes from './Works.module.css';

interface Props {
  assignmentId: number;
  moves: MoveView[];
}

/** The moves that the teacher picks from, each with what it changes; one press decides. */
export function Picks({ assignmentId, moves }: Props) {
  const place = usePlace();
  const pick = (move: MoveView) =>
    place.mutate(
      { id: assignmentId, at: move.to },
      {
        onSuccess: () => notifications.show({ message: `Next: ${move.words}.`, color: 'moss' }),
      },
    );
  return (
    <span className={classes.picks}>
      {moves.map((move) => (
        <span key={move.words}>
          <Button size="compact-sm" variant="default" loading={place.isPending} onClick={() => pick(move)}>
            {move.words}
          </Button>
          <span className={classes.what}>{move.sentence}</span>
        </span>
      ))}
      {place.isError && <Wrong error={place.error} />}
    </span>
  );
}
