import { useLocalStorage } from '@mantine/hooks';
import { useLater } from '../../core/useLater';
import { useAround, useDraft, useWorked } from './BenchContext';
import classes from './RoutineMinutes.module.css';

const USUAL_MINUTES = 20;

/** What the whole routine takes on a day, held against the minutes there are; what to trim where it is too long. */
export function RoutineMinutes() {
  const { state } = useDraft();
  const { who, catalogue } = useAround();
  const { least, most } = catalogue.bounds.dayMinutes;
  const { refused, climbRefused } = useWorked();
  const [minutes, setMinutes] = useLocalStorage({
    key: 'bench-minutes',
    defaultValue: USUAL_MINUTES,
    getInitialValueInEffect: false,
  });
  const sound = refused == null && climbRefused == null;
  const fit = useLater(
    'fit',
    {
      minutes,
      steps: state.draft.steps.map(({ document, climb }) => ({ document, climb })),
      speech: who.studio.speech,
    },
    sound,
  );
  return (
    <section className={classes.minutes} aria-label="Minutes of the routine">
      <label>
        For{' '}
        <input
          type="number"
          min={least}
          max={most}
          aria-label="Minutes a day for the routine"
          value={minutes}
          onChange={(event) => {
            const typed = Math.round(Number(event.currentTarget.value));
            if (typed >= least && typed <= most) setMinutes(typed);
          }}
        />{' '}
        min a day
      </label>
      {fit.data && sound && (
        <>
          <p data-fits={fit.data.fits} aria-live="polite">
            {fit.data.sentence}
          </p>
          {fit.data.trims.length > 0 && (
            <ul>
              {fit.data.trims.map((trim) => (
                <li key={trim.sentence}>{trim.sentence}</li>
              ))}
            </ul>
          )}
          <p>{fit.data.week}.</p>
        </>
      )}
    </section>
  );
}
