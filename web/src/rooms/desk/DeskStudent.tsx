import { Button } from '@mantine/core';
import { Link } from 'react-router';
import type { DeskRow } from '../../api/types';
import { lastTakeSaid } from '../../parts/works/lastTake';
import { WorkLine } from '../../parts/works/WorkLine';
import classes from './Desk.module.css';

/** One student: who, when they last practised, and each piece of work as a sentence. */
export function DeskStudent({ line }: { line: DeskRow }) {
  return (
    <article className={classes.student} aria-label={line.name}>
      <div className={classes.who}>
        <h2>
          <Link to={`/students/${line.studentId}`}>{line.name}</Link>
        </h2>
        <p>
          {line.lesson && <strong className={classes.lesson}>{line.lesson.slice(0, 5)} today · </strong>}
          {line.instrument}
        </p>
        <p className={classes.last}>Last take {lastTakeSaid(line.last)}</p>
        {line.word && <p className={classes.said}>“{line.word.text}”</p>}
      </div>
      <div className={classes.works}>
        {line.works.length === 0 && (
          <p className={classes.nothing}>Nothing to work on. Build a step at the bench and give it.</p>
        )}
        {line.works.map((work) => (
          <WorkLine key={work.assignmentId} work={work} studentId={line.studentId} />
        ))}
      </div>
      <div className={classes.decide}>
        <Button
          size="compact-md"
          variant={line.lesson ? 'filled' : 'default'}
          component={Link}
          to={`/students/${line.studentId}/lesson`}
          aria-label={`Lesson with ${line.name}`}
        >
          Lesson
        </Button>
        <Button
          size="compact-md"
          variant="default"
          component={Link}
          to={`/students/${line.studentId}`}
          aria-label={`Key path of ${line.name}`}
        >
          Key path
        </Button>
        <Button
          size="compact-md"
          variant="default"
          component={Link}
          to={`/bench?for=${line.studentId}`}
          aria-label={`Plan a step for ${line.name}`}
        >
          Plan a step
        </Button>
      </div>
    </article>
  );
}
