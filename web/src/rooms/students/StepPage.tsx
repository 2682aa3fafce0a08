import { Button } from '@mantine/core';
import { lazy, Suspense, useState } from 'react';
import { Link, useParams } from 'react-router';
import { useForecastGround, usePlace } from '../../api/climbs';
import { useLater } from '../../core/useLater';
import { useStudent } from '../../api/students';
import type { ForecastGround, MoveView, WhatIf } from '../../api/types';
import { NowhereRoom } from '../../ui/NowhereRoom';
import { Waiting } from '../../ui/Waiting';
import { WithCore } from '../../ui/WithCore';
import { Wrong } from '../../ui/Wrong';
import { useDay } from '../../ui/useDay';
import { dayOf } from '../../ui/words';
import { StepWhatIf } from './StepWhatIf';
import classes from './StepPage.module.css';

// The drawing of charts is large, and only this page needs it.
const ForecastPicture = lazy(async () => ({ default: (await import('./ForecastPicture')).ForecastPicture }));

/** One step of a student, by the address. */
export function StepPage() {
  const { studentId, assignmentId } = useParams();
  const [student, assignment] = [Number(studentId), Number(assignmentId)];
  const known = Number.isInteger(student) && Number.isInteger(assignment);
  if (!known) return <NowhereRoom />;
  return (
    <WithCore>
      <OfStudent studentId={student} assignmentId={assignment} />
    </WithCore>
  );
}

/** How it stands and will go on; with what is asked about in the place of what is planned. */
function useForecast(ground: ForecastGround | undefined, what: WhatIf, today: string) {
  // Nothing is asked before the ground is there.
  return useLater('forecast', { ground: ground!, what, today }, ground !== undefined);
}

/** Where the student stands, whether the goal will be met, and what would be if. */
function OfStudent({ studentId, assignmentId }: { studentId: number; assignmentId: number }) {
  const [what, setWhat] = useState<WhatIf>({});
  const student = useStudent(studentId);
  const ground = useForecastGround(assignmentId);
  const today = useDay();
  const answer = useForecast(ground.data, what, today);
  const place = usePlace();
  if (student.isError) return <Wrong error={student.error} />;
  if (ground.isError && !ground.data) return <Wrong error={ground.error} again={() => ground.refetch()} />;
  if (answer.isError && !answer.data) return <Wrong error={answer.error} />;
  if (!answer.data || !student.data) return <Waiting />;
  const step = answer.data;
  const { forecast } = step;
  const go = (move: MoveView) => place.mutate({ id: step.assignmentId, at: move.to });
  return (
    <div className={classes.page}>
      <header className={classes.head}>
        <h1>{step.title}</h1>
        <p>
          <Link to={`/students/${studentId}`}>{student.data.name}</Link>, {student.data.instrument.name} ·{' '}
          {step.key}
        </p>
      </header>
      <div className={classes.columns}>
        <section aria-label="Forecast" className={classes.main}>
          {forecast ? (
            <>
              <p className={classes.verdict} data-kind={forecast.kind}>
                {forecast.sentence}
              </p>
              <Suspense fallback={<Waiting />}>
                <ForecastPicture forecast={forecast} />
              </Suspense>
            </>
          ) : (
            <p className={classes.verdict}>
              No goal yet. Give a tempo and a day on the right, and see here whether it will be met.
            </p>
          )}
          <div className={classes.below}>
            <section aria-label="Where the student stands">
              <h2>Now</h2>
              <p>{step.now.sentence}</p>
              <p>
                {step.now.here.words}: {step.now.here.time} a day
                {step.now.left > 0 && ` · ${step.now.left} ${step.now.left === 1 ? 'rung' : 'rungs'} left`}
              </p>
              {step.now.moves.map((move) => (
                <p key={move.words} className={classes.move}>
                  <Button
                    size="compact-sm"
                    variant="default"
                    loading={place.isPending}
                    aria-label={`Go on with ${move.words}`}
                    onClick={() => go(move)}
                  >
                    {step.now.moves.length === 1 ? `Skip to ${move.words}` : move.words}
                  </Button>
                  <span>{move.sentence}</span>
                </p>
              ))}
              {place.isError && <Wrong error={place.error} />}
            </section>
            {forecast && forecast.milestones.length > 0 && (
              <section aria-label="Week by week">
                <h2>Week by week</h2>
                <ol className={classes.weeks}>
                  {forecast.milestones.slice(0, MOST_WEEKS).map((one) => (
                    <li key={one.by}>
                      <span>{dayOf(one.by)}</span>
                      <strong>{one.words}</strong>
                    </li>
                  ))}
                </ol>
                {forecast.milestones.length > MOST_WEEKS && (
                  <p>and {forecast.milestones.length - MOST_WEEKS} weeks more</p>
                )}
              </section>
            )}
          </div>
        </section>
        <StepWhatIf step={step} what={what} onChange={setWhat} wrong={answer.error} />
      </div>
    </div>
  );
}

const MOST_WEEKS = 6;
