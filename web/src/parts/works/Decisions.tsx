import { Button, Menu } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import { IconDots } from '@tabler/icons-react';
import { sentenceOf } from '../../api/client';
import { useEndAssignment } from '../../api/assignments';
import { useFit, useHold, usePlace, useSpan, useTakeBack } from '../../api/climbs';
import type { DeskWork } from '../../api/types';
import classes from './Works.module.css';
import { undoNote } from '../../ui/undo';
import { useDecided } from './useDecided';

const NAMES: Record<string, string> = { back: 'Back', on: 'On' };
const SPANS: Record<string, string> = { shorten: 'Shorter', widen: 'Wider' };

/** What the teacher can decide with one press: a rung back, a rung on, hold; behind the dots a wider or shorter range. */
export function Decisions({ work }: { work: DeskWork }) {
  const place = usePlace();
  const hold = useHold();
  const tell = useDecided(work);
  const moves = work.decisions.filter((decision) => decision.kind in NAMES);
  const wrong = (error: unknown) => notifications.show({ message: sentenceOf(error), color: 'clay' });
  if (work.kind === 'misfit') return <Misfit work={work} />;
  return (
    <span className={classes.decisions}>
      {moves.map((decision) => (
        <Button
          key={decision.kind}
          size="compact-sm"
          variant="default"
          loading={place.isPending}
          aria-label={`${NAMES[decision.kind]} to ${decision.words}: ${work.title}`}
          title={`to ${decision.words}`}
          onClick={() =>
            place.mutate(
              { id: work.assignmentId, at: decision.at },
              { onSuccess: () => tell(`${work.title}: ${decision.words}.`), onError: wrong },
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
        aria-label={`${work.held ? 'Let go on' : 'Hold'}: ${work.title}`}
        loading={hold.isPending}
        onClick={() =>
          hold.mutate(
            { id: work.assignmentId, holds: !work.held },
            {
              onSuccess: () => tell(work.held ? 'They go on.' : 'Held here until you let them go on.'),
              onError: wrong,
            },
          )
        }
      >
        {work.held ? 'Held' : 'Hold'}
      </Button>
      <More work={work} />
    </span>
  );
}

/** What can be done about something that does not fit: what of it does, or to end it. */
function Misfit({ work }: { work: DeskWork }) {
  const fit = useFit();
  const end = useEndAssignment();
  const tell = useDecided(work);
  const wrong = (error: unknown) => notifications.show({ message: sentenceOf(error), color: 'clay' });
  return (
    <span className={classes.decisions}>
      {work.fits && (
        <Button
          size="compact-sm"
          aria-label={`Give ${work.fits}: ${work.title}`}
          loading={fit.isPending}
          onClick={() =>
            fit.mutate(work.assignmentId, {
              onSuccess: () => tell(`${work.title}: ${work.fits} from now on.`),
              onError: wrong,
            })
          }
        >
          Give {work.fits}
        </Button>
      )}
      {!work.fits && (
        <Button
          size="compact-sm"
          variant="default"
          aria-label={`End: ${work.title}`}
          loading={end.isPending}
          onClick={() =>
            end.mutate(
              { id: work.assignmentId },
              {
                onSuccess: () =>
                  undoNote(`${work.title} is ended.`, () =>
                    end.mutateAsync({ id: work.assignmentId, resume: true }),
                  ),
                onError: wrong,
              },
            )
          }
        >
          End it
        </Button>
      )}
      <More work={work} />
    </span>
  );
}

/** What is decided less often: another range, and to take the last decision back. */
function More({ work }: { work: DeskWork }) {
  const span = useSpan();
  const takeBack = useTakeBack();
  const tell = useDecided(work);
  const spans = work.decisions.filter((decision) => decision.kind in SPANS);
  const wrong = (error: unknown) => notifications.show({ message: sentenceOf(error), color: 'clay' });
  if (spans.length === 0 && !work.undo) return null;
  return (
    <Menu position="bottom-end" withinPortal>
      <Menu.Target>
        <Button
          size="compact-sm"
          variant="default"
          px={6}
          loading={span.isPending || takeBack.isPending}
          aria-label={`More to decide: ${work.title}`}
        >
          <IconDots size={16} />
        </Button>
      </Menu.Target>
      <Menu.Dropdown>
        {spans.map((decision) => (
          <Menu.Item
            key={decision.kind}
            onClick={() =>
              span.mutate(
                { id: work.assignmentId, wider: decision.kind === 'widen' },
                { onSuccess: () => tell(`${work.title}: ${decision.words}.`), onError: wrong },
              )
            }
          >
            {SPANS[decision.kind]}: {decision.words}
          </Menu.Item>
        ))}
        {work.undo && (
          <Menu.Item
            onClick={() =>
              takeBack.mutate(work.assignmentId, {
                onSuccess: () =>
                  notifications.show({ message: 'The last decision is taken back.', color: 'river' }),
                onError: wrong,
              })
            }
          >
            Take the last decision back
          </Menu.Item>
        )}
      </Menu.Dropdown>
    </Menu>
  );
}
