import { Button } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import { lazy, Suspense, useState } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { useKeyPlans } from '../../api/plans';
import { useKeyPath } from '../../api/progress';
import { useArchiveStudent, useStudent } from '../../api/students';
import type { KeyPath } from '../../api/types';
import { undoNote } from '../../ui/undo';
import { Waiting } from '../../ui/Waiting';
import { Wrong } from '../../ui/Wrong';
import { Given } from './Given';
import { KeyForms } from './KeyForms';
import { KeyPathRiver } from '../../parts/keys/KeyPathRiver';
import { Log } from './Log';
import { PracticeLink } from './PracticeLink';
import { RangeCard } from './RangeCard';
import { RequiredPanel } from './RequiredPanel';
import { StudentForm } from './StudentForm';
import { StudentPlans } from './StudentPlans';
import { signs } from '../../ui/signs';
import classes from './StudentPage.module.css';

const StudentTakeAway = lazy(async () => ({
  default: (await import('../../parts/takeaway/StudentTakeAway')).StudentTakeAway,
}));

/** The key to show first: the plan's, else the one practised last, else the first of the path. */
function latest(path: KeyPath): string {
  if (path.now && path.stones.some((stone) => stone.tonic === path.now)) return path.now;
  const practised = path.stones
    .filter((stone) => stone.forms.length > 0)
    .map((stone) => ({
      stone,
      day:
        stone.forms
          .map((form) => form.lastDay ?? '')
          .sort()
          .at(-1) ?? '',
    }))
    .sort((a, b) => b.day.localeCompare(a.day));
  return practised[0]?.stone.tonic ?? path.stones[0]!.tonic;
}

/** One student: the key path, what is assigned, the log, and the practice link. */
export function StudentPage() {
  const id = Number(useParams().studentId);
  const student = useStudent(id);
  const path = useKeyPath(id);
  const plans = useKeyPlans(id);
  const archive = useArchiveStudent();
  const navigate = useNavigate();
  const [changing, setChanging] = useState(false);
  const [taking, setTaking] = useState(false);
  const [search, setSearch] = useSearchParams();
  // All at once: what comes later would push the stones away from a hand that reaches for them.
  if (student.isPending || path.isPending || plans.isPending) return <Waiting />;
  if (student.isError) return <Wrong error={student.error} />;
  if (path.isError) return <Wrong error={path.error} again={() => path.refetch()} />;
  const stoneOf = (tonic: string | null) => path.data.stones.find((stone) => stone.tonic === tonic);
  const shown = stoneOf(search.get('key')) ?? stoneOf(latest(path.data)) ?? path.data.stones[0]!;
  const putAway = () =>
    archive.mutate(
      { id },
      {
        onSuccess: () => {
          navigate('/students');
          undoNote(`${student.data.name} is put away.`, () => archive.mutateAsync({ id, restore: true }));
        },
        onError: () => notifications.show({ message: 'This did not work. Please try again.', color: 'clay' }),
      },
    );
  return (
    <div className={classes.page}>
      <header className={classes.head}>
        <h1>{student.data.name}</h1>
        <p>
          {student.data.instrument.name} · keys as written, {path.data.order}
        </p>
        <Button component={Link} to={`/students/${id}/lesson`}>
          Lesson
        </Button>
        <Button variant="default" component={Link} to={`/bench?for=${id}`}>
          Plan a step
        </Button>
        <Button variant="default" component={Link} to={`/students/${id}/quiz`}>
          Quiz
        </Button>
        <Button variant="default" onClick={() => setTaking(true)}>
          Take away
        </Button>
        <Button variant="default" onClick={() => setChanging(true)}>
          Change
        </Button>
        <Button variant="default" onClick={putAway}>
          Put away
        </Button>
      </header>
      <div className={classes.columns}>
        <section aria-label="Key path" className={classes.path}>
          <StudentPlans studentId={id} />
          <KeyPathRiver
            stones={path.data.stones}
            mostRings={path.data.mostRings}
            chosen={shown.tonic}
            now={path.data.now ?? undefined}
            onChoose={(tonic) => setSearch({ key: tonic }, { replace: true })}
          />
          <div className={classes.key} aria-live="polite">
            <h2>In {signs(shown.tonic)}</h2>
            <KeyForms key={shown.tonic} stone={shown} mostRings={path.data.mostRings} studentId={id} />
          </div>
        </section>
        <aside className={classes.side}>
          <Given studentId={id} />
          <RequiredPanel studentId={id} />
          <RangeCard student={student.data} />
          <PracticeLink student={student.data} />
          <Log student={student.data} />
        </aside>
      </div>
      <Suspense>
        {taking && <StudentTakeAway student={student.data} onClose={() => setTaking(false)} />}
      </Suspense>
      <StudentForm opened={changing} onClose={() => setChanging(false)} student={student.data} />
    </div>
  );
}
