import { Button } from '@mantine/core';
import { lazy, Suspense, useState } from 'react';
import { Link, useParams } from 'react-router';
import { useLesson } from '../../api/lessons';
import { useStudent } from '../../api/students';
import { dayOf } from '../../ui/words';
import { Waiting } from '../../ui/Waiting';
import { Wrong } from '../../ui/Wrong';
import { WorkLine } from '../../parts/works/WorkLine';
import { PlanCard } from '../../parts/plans/PlanCard';
import { RequiredLines } from '../../parts/goals/RequiredLines';
import { LessonAside } from './LessonAside';
import { Minutes } from './Minutes';
import { Moved } from './Moved';
import { WriteNote } from './WriteNote';
import classes from './Lesson.module.css';

const StudentTakeAway = lazy(async () => ({
  default: (await import('../../parts/takeaway/StudentTakeAway')).StudentTakeAway,
}));

/** The lesson card: what happened since the last lesson, what to decide, and what to write down. */
export function LessonPage() {
  const id = Number(useParams().studentId);
  const lesson = useLesson(id);
  const student = useStudent(id);
  const [taking, setTaking] = useState(false);
  if (lesson.isPending) return <Waiting />;
  if (lesson.isError) return <Wrong error={lesson.error} again={() => lesson.refetch()} />;
  const card = lesson.data;
  return (
    <div className={classes.page}>
      <header className={classes.head}>
        <h1>
          <Link to={`/students/${id}`}>{card.student.name}</Link>
        </h1>
        <p>
          {card.student.instrument} · since {card.lesson.hadLesson ? 'the lesson on ' : ''}
          {dayOf(card.lesson.since)}
        </p>
        <span className={classes.push} />
        <Button variant="default" component={Link} to={`/students/${id}/quiz`}>
          Quiz
        </Button>
        <Button variant="default" onClick={() => setTaking(true)}>
          Take away
        </Button>
        <Button component={Link} to={`/bench?for=${id}`}>
          Plan a step
        </Button>
      </header>
      <Suspense>
        {taking && student.data && (
          <StudentTakeAway student={student.data} onClose={() => setTaking(false)} />
        )}
      </Suspense>
      <div className={classes.columns}>
        <div className={classes.main}>
          <section aria-label="Since the last lesson" className={classes.since}>
            <div>
              <h2>{card.practised.sentence}</h2>
              <Minutes days={card.practised.minutes} planned={card.student.minutesADay ?? undefined} />
            </div>
            <Moved card={card} />
          </section>
          <section aria-label="Decide">
            <h2>Decide</h2>
            {card.plans.map((plan) => (
              <PlanCard key={plan.id} plan={plan} />
            ))}
            <div className={classes.works}>
              {card.works.length === 0 && (
                <p className={classes.soft}>Nothing to work on. Plan a step, or go through the keys.</p>
              )}
              {card.works.map((work) => (
                <WorkLine key={work.assignmentId} work={work} studentId={id} />
              ))}
            </div>
          </section>
          {card.required.length > 0 && (
            <section aria-label="Goals">
              <h2>Goals</h2>
              <RequiredLines scales={card.required} />
            </section>
          )}
        </div>
        <aside className={classes.side}>
          <WriteNote key={card.student.id} studentId={id} />
          <LessonAside card={card} />
        </aside>
      </div>
    </div>
  );
}
