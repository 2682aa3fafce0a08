import { Link, useParams } from 'react-router';
import { sentenceOf } from '../../api/client';
import { Waiting } from '../../ui/Waiting';
import { QuizRun } from '../../parts/quiz/QuizRun';
import quiz from '../../parts/quiz/Quiz.module.css';
import { useOwnAnswer, useOwnQuiz } from './usePractice';
import classes from './Practice.module.css';

/** The quiz as practice: a few questions about the student's own keys. */
export function OwnQuiz() {
  const token = useParams().token!;
  const asked = useOwnQuiz(token);
  const answer = useOwnAnswer(token);
  if (asked.isPending) return <Waiting />;
  if (asked.isError || !asked.data.given) {
    return (
      <main className={classes.alone}>
        <h1>No quiz now</h1>
        <p>{asked.isError ? sentenceOf(asked.error) : 'Your teacher has not given you one.'}</p>
        <Link to={`/p/${token}`}>Back to practising</Link>
      </main>
    );
  }
  return (
    <main className={quiz.page}>
      <header className={quiz.head}>
        <h1>Quiz</h1>
        <p>about the keys you play</p>
        <Link to={`/p/${token}`}>Back to practising</Link>
      </header>
      <QuizRun
        key={asked.dataUpdatedAt}
        questions={asked.data.questions}
        neck={asked.data.neck}
        answer={(form) => answer.mutateAsync(form)}
        onDone={() => asked.refetch()}
      />
    </main>
  );
}
