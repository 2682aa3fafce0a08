import classes from './Practice.module.css';

/** A caution that never stands in the way. */
export function Caution({ text, onDismiss }: { text: string; onDismiss: () => void }) {
  return (
    <p className={classes.caution} role="note">
      {text}
      <button type="button" onClick={onDismiss}>
        Good
      </button>
    </p>
  );
}
