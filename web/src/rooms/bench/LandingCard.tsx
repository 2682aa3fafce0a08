import { useState } from 'react';
import { Wrong } from '../../ui/Wrong';
import { useDraft, useWorked } from './BenchContext';
import { NewForStudent } from './NewForStudent';
import classes from './Bench.module.css';

const SHOWN = 2;

interface Props {
  /** Lays this step beside the one on the bench. */
  onCompare: (at: number) => void;
}

/** Where the line ends, said in one sentence, why, and the changes that land it. */
export function LandingCard({ onCompare }: Props) {
  const { passage, refused } = useWorked();
  const { dispatch } = useDraft();
  const [all, setAll] = useState(false);
  if (refused) return <Wrong error={refused} />;
  if (!passage) return null;
  const { landing, near } = passage;
  const shown = all ? landing.fixes : landing.fixes.slice(0, SHOWN);
  return (
    <section className={classes.landing} data-lands={landing.lands} aria-label="Landing">
      <p aria-live="polite" className={classes.sentence}>
        {landing.sentence}
      </p>
      <p className={classes.why}>{landing.why}</p>
      {landing.fixes.length > 0 && (
        <div className={classes.fixes}>
          {shown.map((fix, i) => (
            <button
              key={fix.sentence}
              type="button"
              className={i === 0 ? classes.best : classes.fix}
              onClick={() => dispatch({ type: 'replace', document: fix.step })}
            >
              {fix.sentence.replace(/\.$/, '')}
              {i === 0 && <kbd aria-hidden="true">L</kbd>}
            </button>
          ))}
          {landing.fixes.length > SHOWN && (
            <button type="button" className={classes.more} onClick={() => setAll(!all)}>
              {all ? 'fewer' : `${landing.fixes.length - SHOWN} more`}
            </button>
          )}
        </div>
      )}
      <div className={classes.notes}>
        {near && near.length > 0 && (
          <p className={classes.slips}>
            Easily confused:{' '}
            {near.slice(0, 1).map((one, i) => (
              <span key={one.place}>
                {i > 0 && ' · '}
                <strong>{one.counted}</strong> in {one.division}, {Math.abs(one.ms).toFixed(1)} ms{' '}
                {one.ms > 0 ? 'later' : 'earlier'}{' '}
                <button
                  type="button"
                  className={classes.everyone}
                  title={one.sentence}
                  onClick={() => onCompare(i)}
                >
                  back to back
                </button>
              </span>
            ))}
          </p>
        )}
        <NewForStudent passage={passage} />
      </div>
    </section>
  );
}
