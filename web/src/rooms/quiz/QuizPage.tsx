import { Switch } from '@mantine/core';
import { Link, useParams } from 'react-router';
import { useAnswer, useGiveQuiz, useQuiz } from '../../api/lessons';
import { useStudent } from '../../api/students';
import type { AnswerRequest, Mark } from '../../api/types';
import { dayOf } from '../../ui/words';
import { Waiting } from '../../ui/Waiting';
import { Wrong } from '../../ui/Wrong';
import { QuizRun } from '../../parts/quiz/QuizRun';
import classes from '../../parts/quiz/Quiz.module.css';

/** The quiz in a lesson: the student's own keys, weakest first; and whether they get it as practice. */
export function QuizPage() {
  const id = Number(useParams().studentId);
  const student = useStudent(id);
  const quiz = useQuiz(id);
  const answer = useAnswer(id);
  const give = useGiveQuiz(id);
  if (student.isPending || quiz.isPending) return <Waiting />;
  if (student.isError) return <Wrong error={student.error} />;
  if (quiz.isError) return <Wrong error={quiz.error} again={() => quiz.refetch()} />;
  const mark = (form: AnswerRequest) =>
    new Promise<Mark>((resolve, reject) => answer.mutate(form, { onSuccess: resolve, onError: reject }));
  return (
    <div className={classes.page}>
      <header className={classes.head}>
        <h1>Quiz</h1>
        <p>
          with <Link to={`/students/${id}/lesson`}>{student.data.name}</Link>, about the keys they play
        </p>
        <Switch
          label="Give it as practice"
          checked={quiz.data.given}
          disabled={give.isPending}
          onChange={(event) => give.mutate(event.currentTarget.checked)}
        />
      </header>
      <QuizRun
        key={quiz.dataUpdatedAt}
        questions={quiz.data.questions}
        neck={quiz.data.neck}
        answer={mark}
        onDone={() => quiz.refetch()}
      />
      {quiz.data.answered.length > 0 && (
        <section aria-label="Last answers" className={classes.last}>
          <h2>Last answers</h2>
          <ul>
            {quiz.data.answered.map((one, i) => (
              <li key={i} data-right={one.right}>
                <span>{dayOf(one.day)}</span>
                <strong>{one.right ? 'right' : 'not yet'}</strong>
                <span>
                  {one.text} “{one.answer}”{!one.inLesson && ', at home'}
                </span>
              </li>
            ))}
          </ul>
        </section>
      )}
      {give.isError && <Wrong error={give.error} />}
    </div>
  );
}
