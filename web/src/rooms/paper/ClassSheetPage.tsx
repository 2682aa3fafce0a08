import { useMemo, useState } from 'react';
import { useParams } from 'react-router';
import { useBenchStudio } from '../../api/bench';
import { useFingered } from '../../api/instruments';
import { useRoutine } from '../../api/routines';
import { classesOf, useEverybody } from '../../api/students';
import type { BenchStudio, PassageAsked, StepDocument, Student } from '../../api/types';
import { answer } from '../../core/answers';
import classes from '../../parts/paper/Paper.module.css';
import { CARE, Paper } from '../../parts/paper/Paper';
import { PaperStep } from '../../parts/paper/PaperStep';
import { WordPills } from '../../parts/paper/WordPills';
import type { PaperWords } from '../../parts/paper/words';
import { Pill } from '../../ui/Pill';
import { Waiting } from '../../ui/Waiting';
import { WithCore } from '../../ui/WithCore';
import { Wrong } from '../../ui/Wrong';

/** One concert step for a class: in the notes of each who plays, those who read the same on one staff. */
export function ClassSheetPage() {
  const id = Number(useParams().routineId);
  const routine = useRoutine(id);
  const studio = useBenchStudio();
  const everybody = useEverybody();
  const [at, setAt] = useState(0);
  const [className, setClassName] = useState<string>();
  const [words, setWords] = useState<PaperWords>('none');
  const fingered = useFingered(everybody.data?.map((one) => one.instrument.id) ?? []);
  const failed = [routine, studio, everybody].find((query) => query.isError);
  if (failed) return <Wrong error={failed.error!} />;
  if (!routine.data || !studio.data || !everybody.data) return <Waiting />;
  const { steps, title } = routine.data;
  const step = steps[at] ?? steps[0]!;
  const names = classesOf(everybody.data);
  const players = everybody.data.filter((one) => className === undefined || one.className === className);
  return (
    <WithCore>
      <Paper
        back={{ to: '/shelf', name: 'Back to the Shelf' }}
        choices={
          <>
            {steps.length > 1 &&
              steps.map((one, i) => (
                <Pill key={one.id} pressed={one === step} onPress={() => setAt(i)}>
                  {`step ${i + 1}`}
                </Pill>
              ))}
            {names.map((name) => (
              <Pill
                key={name}
                pressed={name === className}
                onPress={() => setClassName(name === className ? undefined : name)}
              >
                {name}
              </Pill>
            ))}
            <WordPills words={words} fingered={fingered} onWords={setWords} />
          </>
        }
        foot={CARE}
      >
        <header>
          <div>
            <h1>{className ?? 'Everybody'}</h1>
            <p>
              {title} · {step.title} · {step.summary}
            </p>
          </div>
        </header>
        <Parts
          document={step.document as StepDocument}
          players={players}
          studio={studio.data}
          words={words}
        />
      </Paper>
    </WithCore>
  );
}

interface PartsProps {
  document: StepDocument;
  players: Student[];
  studio: BenchStudio;
  words: PaperWords;
}

interface Part {
  instrument: string;
  names: string[];
  asked: PassageAsked;
  /** Why it does not fit them. */
  refusal?: string;
}

/** A part for each who read the same, as the core says who they are. */
function partsOf({ document, players, studio, words }: PartsProps): Part[] {
  const readers = players.flatMap(({ id }) => studio.players.filter((one) => one.id === id));
  const { readings } = answer('readings', {
    step: document,
    students: readers,
    // Whoever reads the same by other fingers has a sheet of their own.
    fingers: words === 'hand',
  });
  const nameOf = (id: number) => players.find((one) => one.id === id)?.name ?? '';
  return readings
    .filter((one) => one.readsWith === one.studentId)
    .map((one) => ({
      instrument: one.instrumentName,
      names: readings
        .filter((other) => other.readsWith === one.studentId)
        .map((other) => nameOf(other.studentId)),
      asked: {
        step: document,
        player: readers.find((reader) => reader.id === one.studentId)?.player,
        speech: studio.speech,
        with: ['score', 'hand'],
      },
      refusal: one.refusal,
    }));
}

function Parts(props: PartsProps) {
  const { document, players, studio, words } = props;
  const parts = useMemo(
    () => partsOf({ document, players, studio, words }),
    [document, players, studio, words],
  );
  if (parts.length === 0) return <p>Nobody plays here yet.</p>;
  const unfit = parts.filter((part) => part.refusal);
  return (
    <>
      {parts
        .filter((part) => !part.refusal)
        .map((part) => (
          <PaperStep
            key={part.names[0]}
            title={part.instrument}
            beside={part.names.join(', ')}
            asked={part.asked}
            words={words}
          />
        ))}
      {unfit.length > 0 && (
        <section className={classes.item} aria-label="For whom it does not fit">
          <h2>Does not fit</h2>
          {unfit.map((part) => (
            <p key={part.names[0]} className={classes.unfit}>
              <strong>{part.names.join(', ')}</strong>, {part.instrument}: {part.refusal}
            </p>
          ))}
        </section>
      )}
    </>
  );
}
