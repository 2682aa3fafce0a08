import { Button } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import { useHold, usePlace } from '../../api/climbs';
import type { DeskLine } from '../../api/types';
import { notes } from '../../ui/words';
import { Wrong } from '../../ui/Wrong';
import classes from './Desk.module.css';

type Work = DeskLine['works'][number];

const NAMES: Record<string, string> = { back: 'Back', on: 'On' };

/** What the teacher can decide with one press: a rung back, a rung on, or to hold the student where they are. */
export function Decisions({ work }: { work: Work }) {
  const place = usePlace();
  const hold = useHold();
  const tell = (message: string) => notifications.show({ message, color: 'moss' });
  return (
    <span className={classes.decisions}>
      {work.decisions.map((decision) => (
        <Button
          key={decision.kind}
          size="compact-sm"
          variant="default"
          loading={place.isPending}
          aria-label={`${NAMES[decision.kind]} to ${notes(decision.words)}: ${notes(work.title)}`}
          title={`to ${notes(decision.words)}`}
          onClick={() =>
            place.mutate(
              { id: work.assignmentId, at: decision.at },
              { onSuccess: () => tell(`${notes(work.title)}: ${notes(decision.words)}.`) },
            )
          }
        >
          {NAMES[decision.kind]}
        </Button>
      ))}
      <Button
        size="compact-sm"
        variant={work.held ? 'filled' : 'default'}
        aria-pressed={work.held}
        aria-label={`${work.held ? 'Let go on' : 'Hold'}: ${notes(work.title)}`}
        loading={hold.isPending}
        onClick={() =>
          hold.mutate(
            { id: work.assignmentId, holds: !work.held },
            { onSuccess: () => tell(work.held ? 'They go on.' : 'Held here until you let them go on.') },
          )
        }
      >
        {work.held ? 'Held' : 'Hold'}
      </Button>
      {(place.isError || hold.isError) && <Wrong error={place.error ?? hold.error} />}
    </span>
  );
}
