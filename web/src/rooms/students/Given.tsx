import { Button } from '@mantine/core';
import { lazy, Suspense, useState } from 'react';
import { Link } from 'react-router';
import { useAssignments, useEndAssignment } from '../../api/assignments';
import type { Assignment } from '../../api/types';
import { undoNote } from '../../ui/undo';
import { dayOf, isoDay, short } from '../../ui/words';
import { Wrong } from '../../ui/Wrong';
import { ScheduleDialog } from './ScheduleDialog';
import classes from './StudentPage.module.css';

const TakeAwayDialog = lazy(async () => ({
  default: (await import('../../parts/takeaway/TakeAwayDialog')).TakeAwayDialog,
}));

/** What the student has to practise now, and how to end it. */
export function Given({ studentId }: { studentId: number }) {
  const given = useAssignments(studentId);
  const end = useEndAssignment();
  const [changing, setChanging] = useState<Assignment>();
  const [taking, setTaking] = useState<Assignment>();
  if (given.isError) return <Wrong error={given.error} again={() => given.refetch()} />;
  const today = isoDay();
  const now = (given.data ?? []).filter((one) => !one.ended && (!one.endsOn || one.endsOn >= today));
  const endIt = (one: Assignment) =>
    end.mutate(
      { id: one.id },
      {
        onSuccess: () =>
          undoNote(`“${one.title}” has ended.`, () => end.mutateAsync({ id: one.id, resume: true })),
      },
    );
  return (
    <section aria-label="Assigned">
      <h2>Assigned</h2>
      {given.isSuccess && now.length === 0 && (
        <p className={classes.soft}>Nothing. Plan a step and assign it.</p>
      )}
      <ul className={classes.given}>
        {now.map((one) => (
          <li key={one.id}>
            <span>
              <Link to={`/students/${studentId}/steps/${one.id}`}>{one.title}</Link>
              <br />
              {one.climbWords} · {one.minutesADay} min a day ·{' '}
              {one.startsOn > today
                ? `from ${dayOf(one.startsOn)}`
                : one.endsOn
                  ? `until ${dayOf(one.endsOn)}`
                  : 'until it is learned'}
              {one.givenBy && ` · given by ${one.givenBy}`}
              {one.goal && ` · goal ${short(one.goal.bpm)} bpm by ${dayOf(one.goal.date)}`}
            </span>
            <Button
              size="compact-sm"
              variant="subtle"
              color="gray"
              aria-label={`Change the days of ${one.title}`}
              onClick={() => setChanging(one)}
            >
              Days
            </Button>
            <Button
              size="compact-sm"
              variant="subtle"
              color="gray"
              aria-label={`Take ${one.title} away as a file`}
              onClick={() => setTaking(one)}
            >
              File
            </Button>
            <Button
              size="compact-sm"
              variant="subtle"
              color="gray"
              aria-label={`End ${one.title}`}
              onClick={() => endIt(one)}
            >
              End
            </Button>
          </li>
        ))}
      </ul>
      {changing && (
        <ScheduleDialog key={changing.id} given={changing} onClose={() => setChanging(undefined)} />
      )}
      <Suspense>
        {taking && (
          <TakeAwayDialog
            things={[{ label: taking.title, subject: { request: { assignment: taking.id } } }]}
            onClose={() => setTaking(undefined)}
          />
        )}
      </Suspense>
      {end.isError && <Wrong error={end.error} />}
    </section>
  );
}
