import { Wrong } from '../../ui/Wrong';
import { useBench } from './BenchContext';
import { NewForStudent } from './NewForStudent';
import classes from './Bench.module.css';

/** Where the line ends, said in one sentence, and the changes that land it. */
export function LandingCard() {
  const { passage, refused, dispatch } = useBench();
  if (refused) return <Wrong error={refused} />;
  if (!passage) return null;
  const { landing } = passage;
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
      <NewForStudent passage={passage} />
    </section>
  );
}
