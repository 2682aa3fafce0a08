import { Button } from '@mantine/core';
import { IconPlus } from '@tabler/icons-react';
import { lazy, Suspense, useState } from 'react';
import { Link } from 'react-router';
import { useKeyGrid } from '../../api/lists';
import { useSession } from '../../api/session';
import { useArchiveStudent, useStudents } from '../../api/students';
import type { Student } from '../../api/types';
import { Empty } from '../../ui/Empty';
import { Pages } from '../../ui/Pages';
import { Stone } from '../../ui/Stone';
import { Waiting } from '../../ui/Waiting';
import { Wrong } from '../../ui/Wrong';
import { DeletedStudents } from './DeletedStudents';
import { DeleteStudent } from './DeleteStudent';
import { ReadStudents } from './ReadStudents';
import { StudentForm } from './StudentForm';
import { StudentLook } from './StudentLook';
import { rangeSigns } from '../../ui/signs';
import classes from './Students.module.css';

const StudioTakeAway = lazy(async () => ({
  default: (await import('./StudioTakeAway')).StudioTakeAway,
}));

/** The students of the studio, and those put away. */
export function Students() {
  const [page, setPage] = useState(0);
  const [archived, setArchived] = useState(false);
  const [adding, setAdding] = useState(false);
  const [reading, setReading] = useState(false);
  const [taking, setTaking] = useState(false);
  const [deleting, setDeleting] = useState<Student>();
  const students = useStudents(page, archived);
  const archive = useArchiveStudent();
  const session = useSession();
  // The same pages in the same order: what each of them has in work.
  const grid = useKeyGrid(page);
  if (students.isPending) return <Waiting />;
  if (students.isError) return <Wrong error={students.error} again={() => students.refetch()} />;
  const { items, pages, total } = students.data;
  const add = (
    <Button leftSection={<IconPlus size={18} />} onClick={() => setAdding(true)}>
      Add a student
    </Button>
  );
  return (
    <div className={classes.students}>
      <header className={classes.head}>
        <h1>{archived ? 'Put away' : 'Students'}</h1>
        <Button
          variant="subtle"
          onClick={() => {
            setArchived(!archived);
            setPage(0);
          }}
        >
          {archived ? 'Back to the students' : 'Show those put away'}
        </Button>
        {!archived && total > 0 && (
          <Button variant="subtle" component={Link} to="/students/keys">
            By keys
          </Button>
        )}
        <Button variant="subtle" component={Link} to="/students/instruments">
          Instruments
        </Button>
        <span className={classes.push} />
        {!archived && total > 0 && (
          <Button variant="default" onClick={() => setTaking(true)}>
            Take away
          </Button>
        )}
        {!archived && (
          <Button variant="default" onClick={() => setReading(true)}>
            Read a list
          </Button>
        )}
        {!archived && total > 0 && add}
      </header>
      {total === 0 && !archived && (
        <Empty title="Who comes to you?" offer={add}>
          Give a name and an instrument. Each student gets a private link for practising; nobody needs an
          account.
        </Empty>
      )}
      {total === 0 && archived && <p className={classes.none}>Nobody is put away.</p>}
      <ul className={classes.list}>
        {items.map((student) => (
          <li key={student.id} className={classes.row}>
            <svg width="56" height="36" aria-hidden="true" className={classes.stone}>
              <Stone seed={student.name} width={48} height={28} tone="slate" x={28} y={18} />
            </svg>
            <Link to={`/students/${student.id}`}>
              <strong>{student.name}</strong>
              <span>
                {student.instrument.name}, {rangeSigns(student.instrument.range)}
                {student.className && `, ${student.className}`}
              </span>
            </Link>
            {!archived && grid.data && <StudentLook student={student} grid={grid.data} />}
            {archived && (
              <span className={classes.buttons}>
                <Button
                  size="compact-md"
                  variant="default"
                  onClick={() => archive.mutate({ id: student.id, restore: true })}
                >
                  Take back
                </Button>
                <Button
                  size="compact-md"
                  variant="subtle"
                  display={session.data?.teacher?.owner ? undefined : 'none'}
                  color="clay"
                  aria-label={`Delete ${student.name} for good`}
                  onClick={() => setDeleting(student)}
                >
                  Delete for good
                </Button>
              </span>
            )}
          </li>
        ))}
      </ul>
      {archived && <DeletedStudents />}
      {deleting && <DeleteStudent student={deleting} onClose={() => setDeleting(undefined)} />}
      <Pages page={page} pages={pages} onPage={setPage} />
      {reading && <ReadStudents onClose={() => setReading(false)} />}
      <Suspense>
        {taking && (
          <StudioTakeAway owner={session.data?.teacher?.owner === true} onClose={() => setTaking(false)} />
        )}
      </Suspense>
      <StudentForm opened={adding} onClose={() => setAdding(false)} />
    </div>
  );
}
