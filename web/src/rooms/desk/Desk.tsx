import { Button } from '@mantine/core';
import { useState } from 'react';
import { Link } from 'react-router';
import { useTimetable } from '../../api/lessons';
import { useDesk } from '../../api/progress';
import type { DeskPage, Verdict } from '../../api/types';
import { Empty } from '../../ui/Empty';
import { Pages } from '../../ui/Pages';
import { Waiting } from '../../ui/Waiting';
import { Wrong } from '../../ui/Wrong';
import { DeskStudent } from './DeskStudent';
import { VerdictFilter } from './VerdictFilter';
import { WeekBand } from './WeekBand';
import { longDay } from '../../ui/words';
import classes from './Desk.module.css';

/** Who needs the teacher, in one line: numbers of students of the whole studio. */
function summary(desk: DeskPage): string {
  const count = (...kinds: Verdict[]) =>
    desk.counts.filter((one) => kinds.includes(one.kind)).reduce((sum, one) => sum + one.students, 0);
  const said = [
    `${count('misfit')} with a step that does not fit`,
    `${count('stuck', 'slipping')} stuck or slipping`,
    `${count('quiet')} quiet`,
    `${count('behind')} behind`,
    `${count('pick')} waiting for your pick`,
    `${count('ready')} ready for the next rung`,
  ].filter((part) => !part.startsWith('0 '));
  return said.length > 0 ? said.join(' · ') : 'Nobody waits for you.';
}

/** The desk: a page to read before lessons, one paragraph for each student. */
export function Desk() {
  const [page, setPage] = useState(0);
  const [only, setOnly] = useState<Verdict>();
  const desk = useDesk(page, only);
  const timetable = useTimetable();
  // Both at once: what comes later would push aside what a hand is already reaching for.
  if (desk.isPending || timetable.isPending) return <Waiting />;
  if (desk.isError) return <Wrong error={desk.error} again={() => desk.refetch()} />;
  const { items, pages, counts, total } = desk.data;
  if (total === 0 && !only) {
    return (
      <Empty
        title="Nobody here yet"
        offer={
          <Button component={Link} to="/students">
            Add your first student
          </Button>
        }
      >
        Add a student with their instrument. Then build a step at the bench and assign it: what they log
        appears here.
      </Empty>
    );
  }
  const today = longDay();
  const choose = (kind: Verdict | undefined) => {
    setOnly(kind);
    setPage(0);
  };
  return (
    <div className={classes.desk}>
      <header className={classes.head}>
        <h1>{today}</h1>
        <p>{summary(desk.data)}</p>
      </header>
      <WeekBand lessons={timetable.data ?? []} />
      <VerdictFilter counts={counts} only={only} onOnly={choose} />
      {only && items.length === 0 && (
        <p className={classes.nothing}>
          Nobody now.{' '}
          <button type="button" onClick={() => choose(undefined)}>
            Show everything
          </button>
        </p>
      )}
      {items.map((line) => (
        <DeskStudent key={line.studentId} line={line} />
      ))}
      <Pages page={page} pages={pages} onPage={setPage} />
    </div>
  );
}
