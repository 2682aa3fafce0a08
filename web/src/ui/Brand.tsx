import classes from './Shell.module.css';

/** The three stones and the name. */
export function Brand() {
  return (
    <span className={classes.brand}>
      <svg viewBox="0 0 64 36" width="54" height="30" aria-hidden="true">
        <path d="M4 28c2-7 12-9 19-7s8 8 3 12-24 4-22-5z" fill="var(--flat-stone)" />
        <path d="M22 19c2-8 14-10 21-7s7 10 0 13-23 3-21-6z" fill="var(--river)" />
        <path d="M40 10c1-7 10-9 17-7s6 9 1 11-19 4-18-4z" fill="var(--moss)" />
      </svg>
      Pebble Step
    </span>
  );
}
