import { Button } from '@mantine/core';
import { useState } from 'react';
import { Link } from 'react-router';
import { useDesk } from '../../api/teacher';
import type { DeskLine } from '../../api/types';
import { Empty } from '../../ui/Empty';
import { Pages } from '../../ui/Pages';
import { Waiting } from '../../ui/Waiting';
import { Wrong } from '../../ui/Wrong';
import { DeskStudent } from './DeskStudent';
import { VerdictFilter } from './VerdictFilter';
import classes from './Desk.module.css';

function summary(lines: DeskLine[]): string {
  const count = (kind: string) =>
    lines.flatMap((line) => line.works).filter((work) => work.kind === kind).length;
  const recent = lines.filter((line) => line.last && line.last.daysAgo <= 1).length;
  const said = [
    `${recent} of ${lines.length} practised since yesterday`,
    `${lines.filter((line) => line.lesson).length} lessons today`,
    `${count('reached')} learned`,
    `${count('ready')} ready for the next rung`,
    `${count('stuck') + count('slipping')} stuck or slipping`,
    `${count('quiet')} quiet`,
    `${count('behind')} behind`,
  ];
  return said.filter((part) => !part.startsWith('0 ')).join(' · ');
}

/** The students with work of a verdict, and of theirs only that work. */
function shown(lines: DeskLine[], only: string | undefined): DeskLine[] {
  if (only === undefined) return lines;
  return lines
    .map((line) => ({ ...line, works: line.works.filter((work) => work.kind === only) }))
    .filter((line) => line.works.length > 0);
}

/** The desk: a page to read before lessons, one paragraph for each student. */
export function Desk() {
  const [page, setPage] = useState(0);
  const [only, setOnly] = useState<string>();
  const desk = useDesk(page);
  if (desk.isPending) return <Waiting />;
  if (desk.isError) return <Wrong error={desk.error} again={() => desk.refetch()} />;
  const { items, pages } = desk.data;
  if (desk.data.total === 0) {
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
  const today = new Date().toLocaleDateString('en-GB', { weekday: 'long', day: 'numeric', month: 'long' });
  return (
    <div className={classes.desk}>
      <header className={classes.head}>
        <h1>{today}</h1>
        <p>{summary(items)}</p>
      </header>
      <VerdictFilter lines={items} only={only} onOnly={setOnly} />
      {shown(items, only).map((line) => (
        <DeskStudent key={line.studentId} line={line} />
      ))}
      <Pages page={page} pages={pages} onPage={setPage} />
    </div>
  );
}
