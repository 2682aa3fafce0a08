import { useLocalStorage } from '@mantine/hooks';
import { IconChevronDown, IconChevronUp } from '@tabler/icons-react';
import { Wrong } from '../../ui/Wrong';
import { useDraft, useWorked } from './BenchContext';
import { NewForStudent } from './NewForStudent';
import classes from './LandingCard.module.css';

interface Props {
  /** Lays this step beside the one on the bench. */
  onCompare: (at: number) => void;
}

/** Where the line ends, in one line with the best way to land; opened, why, and everything else there is to know. */
export function LandingCard({ onCompare }: Props) {
  const { passage, refused } = useWorked();
  const { dispatch } = useDraft();
  const [open, setOpen] = useLocalStorage({
    key: 'bench-landing-open',
    defaultValue: false,
    getInitialValueInEffect: false,
  });
  if (refused) return <Wrong error={refused} />;
  if (!passage) return null;
  const { landing, near } = passage;
  const [best, ...more] = landing.fixes;
  const confused = near?.[0];
  // What one hand strikes with the line lands with it.
  const others = passage.voices?.filter((voice) => voice.by !== 'same-hand') ?? [];
  return (
    <section className={classes.landing} data-lands={landing.lands} aria-label="Landing">
      <div className={classes.line}>
        <p aria-live="polite" className={classes.sentence}>
          {landing.sentence}
        </p>
        {best && (
          <button
            type="button"
            className={classes.best}
            onClick={() => dispatch({ type: 'replace', document: best.step })}
          >
            {best.label}
            <kbd aria-hidden="true">L</kbd>
          </button>
        )}
        <button
          type="button"
          className={classes.opener}
          aria-expanded={open}
          aria-label={open ? 'Only where it ends' : 'Why, and other ways'}
          onClick={() => setOpen(!open)}
        >
          {more.length > 0 && !open && <span>{more.length} more</span>}
          {open ? <IconChevronUp size={17} /> : <IconChevronDown size={17} />}
        </button>
      </div>
      {others.length > 0 && (
        <ul className={classes.voices}>
          {others.map((voice, i) => (
            <li key={i} data-lands={voice.landing.lands}>
              {voice.landing.sentence}
            </li>
          ))}
        </ul>
      )}
      {open && (
        <div className={classes.more}>
          <p>{landing.why}</p>
          {more.length > 0 && (
            <div className={classes.fixes}>
              {more.map((fix) => (
                <button
                  key={fix.sentence}
                  type="button"
                  onClick={() => dispatch({ type: 'replace', document: fix.step })}
                >
                  {fix.label}
                </button>
              ))}
            </div>
          )}
          {confused && (
            <p>
              Easily confused: <strong>{confused.counted}</strong> in {confused.division},{' '}
              {Math.abs(confused.ms).toFixed(1)} ms {confused.ms > 0 ? 'later' : 'earlier'}{' '}
              <button
                type="button"
                className={classes.link}
                title={confused.sentence}
                onClick={() => onCompare(0)}
              >
                back to back
              </button>
            </p>
          )}
          <NewForStudent passage={passage} />
        </div>
      )}
    </section>
  );
}
