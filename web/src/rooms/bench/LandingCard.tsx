import { Wrong } from '../../ui/Wrong';
import { notes } from '../../ui/words';
import { useBench } from './BenchContext';
import classes from './Bench.module.css';

/** Where the line ends, said in one sentence, and the changes that land it. */
export function LandingCard() {
  const { passage, refused, dispatch } = useBench();
  if (refused) return <Wrong error={refused} />;
  if (!passage) return null;
  const { landing, slips } = passage;
  return (
    <section className={classes.landing} data-lands={landing.lands} aria-label="Landing">
      <p aria-live="polite" className={classes.sentence}>
        {landing.sentence}
      </p>
      {landing.fixes.length > 0 && (
        <div className={classes.fixes}>
          {landing.fixes.map((fix, i) => (
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
        </div>
      )}
      {slips.length > 0 && (
        <p className={classes.slips}>
          Watch:{' '}
          {slips.map((slip, i) => (
            <span key={`${slip.play}${slip.not}${slip.when ?? ''}`}>
              {i > 0 && ' · '}
              {slip.when && `going ${slip.when} `}
              play <strong>{notes(slip.play)}</strong>, not {notes(slip.not)}
            </span>
          ))}
        </p>
      )}
    </section>
  );
}
