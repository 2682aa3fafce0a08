import { useMemo, useState } from 'react';
import { useParams } from 'react-router';
import { useBenchStudio } from '../../api/bench';
import { useFingered } from '../../api/instruments';
import { useBooklet, useKeyPlans } from '../../api/plans';
import type { BenchStudio, Booklet } from '../../api/types';
import { useStudent } from '../../api/students';
import { CARE, Paper } from '../../parts/paper/Paper';
import { PaperStep } from '../../parts/paper/PaperStep';
import { WordPills } from '../../parts/paper/WordPills';
import type { PaperWords } from '../../parts/paper/words';
import { Pill } from '../../ui/Pill';
import { signs } from '../../ui/signs';
import { Waiting } from '../../ui/Waiting';
import { WithCore } from '../../ui/WithCore';
import { Wrong } from '../../ui/Wrong';
import classes from '../../parts/paper/Paper.module.css';

/** A key plan to print: everything it brings, in every key of its round. */
export function BookletPage() {
  const id = Number(useParams().studentId);
  const plans = useKeyPlans(id);
  const student = useStudent(id);
  const fingered = useFingered(student.data ? [student.data.instrument.id] : []);
  const studio = useBenchStudio();
  const [chosen, setChosen] = useState<number>();
  const [words, setWords] = useState<PaperWords>('none');
  const plan = plans.data?.find((one) => one.id === chosen) ?? plans.data?.[0];
  const booklet = useBooklet(plan?.id);
  const failed = [plans, studio, booklet].find((query) => query.isError);
  if (failed) return <Wrong error={failed.error!} />;
  if (!plans.data || !studio.data) return <Waiting />;
  const back = { to: `/students/${id}`, name: 'Back to the student' };
  if (!plan)
    return (
      <Paper back={back}>
        <p>There is no key plan to print yet. Give a routine through the keys, and it becomes a booklet.</p>
      </Paper>
    );
  if (!booklet.data) return <Waiting />;
  return (
    <WithCore>
      <Paper
        back={back}
        choices={
          <>
            {plans.data.length > 1 &&
              plans.data.map((one) => (
                <Pill key={one.id} pressed={one.id === plan.id} onPress={() => setChosen(one.id)}>
                  {one.title}
                </Pill>
              ))}
            <WordPills words={words} fingered={fingered} onWords={setWords} />
          </>
        }
        foot={CARE}
      >
        <Leaves booklet={booklet.data} studio={studio.data} words={words} />
      </Paper>
    </WithCore>
  );
}

interface LeavesProps {
  booklet: Booklet;
  studio: BenchStudio;
  words: PaperWords;
}

function Leaves({ booklet, studio, words }: LeavesProps) {
  const player = studio.players.find((one) => one.id === booklet.studentId)?.player;
  const asked = useMemo(
    () =>
      booklet.keys.map((key) =>
        key.pieces.map((piece) =>
          piece.step
            ? { step: piece.step, player, speech: studio.speech, with: ['score' as const, 'hand' as const] }
            : undefined,
        ),
      ),
    [booklet, player, studio.speech],
  );
  return (
    <>
      <header>
        <div>
          <h1>{booklet.title}</h1>
          <p>
            {booklet.student}, {booklet.instrument} · {booklet.keys.length} keys {booklet.order}, as written
          </p>
        </div>
      </header>
      <ol className={classes.contents} aria-label="Keys">
        {booklet.keys.map((key) => (
          <li key={key.tonic}>
            <a href={`#${encodeURIComponent(key.tonic)}`}>
              {signs(key.tonic)} · {key.pieces.length === 1 ? '1 step' : `${key.pieces.length} steps`}
            </a>
          </li>
        ))}
      </ol>
      {booklet.keys.map((key, i) => (
        <section key={key.tonic} id={encodeURIComponent(key.tonic)} aria-label={signs(key.tonic)}>
          {key.pieces.map((piece, j) => (
            <div key={j} className={classes.together}>
              {j === 0 && <h2 className={classes.key}>{signs(key.tonic)}</h2>}
              {asked[i]![j] ? (
                <PaperStep title={piece.title} asked={asked[i]![j]} words={words} />
              ) : (
                <p>
                  {piece.title}: {piece.refusal}
                </p>
              )}
            </div>
          ))}
        </section>
      ))}
    </>
  );
}
