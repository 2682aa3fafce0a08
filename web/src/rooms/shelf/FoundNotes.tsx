import { useMemo } from 'react';
import { useBenchStudio } from '../../api/bench';
import type { BenchStudio, FoundMusicFile } from '../../api/types';
import { tried } from '../../core/answers';
import { Engraving } from '../../notation/Engraving';
import { WithCore } from '../../ui/WithCore';
import { Wrong } from '../../ui/Wrong';
import classes from './BringIn.module.css';

type FoundStep = FoundMusicFile['steps'][number];

const SHOWN = 3;
const LARGEST = 0.9;

/** The first steps of what was found, engraved. */
export function FoundNotes({ steps }: { steps: FoundStep[] }) {
  const studio = useBenchStudio();
  if (!studio.data) return null;
  return (
    <WithCore>
      {steps.slice(0, SHOWN).map((step, i) => (
        <Notes key={i} step={step} studio={studio.data} />
      ))}
      {steps.length > SHOWN && <p className={classes.what}>and {steps.length - SHOWN} more</p>}
    </WithCore>
  );
}

function Notes({ step, studio }: { step: FoundStep; studio: BenchStudio }) {
  const { answer, refused } = useMemo(
    () => tried('passage', { step: step.document, speech: studio.speech, with: ['score'] }),
    [step, studio],
  );
  if (refused) return <Wrong error={refused} />;
  return (
    <figure className={classes.notes}>
      <figcaption>
        {step.document.title || answer!.key.concert} · {answer!.key.concert} · {answer!.noteCount} notes,{' '}
        {answer!.bars} bars
      </figcaption>
      <div className={classes.paper}>
        <Engraving passage={answer!} largest={LARGEST} />
      </div>
    </figure>
  );
}
