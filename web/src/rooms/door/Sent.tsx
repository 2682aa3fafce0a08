import type { ReactNode } from 'react';
import { Link } from 'react-router';
import classes from './Door.module.css';

/** Says that a letter is on its way; in the demo, where it lies. */
export function Sent({ demo, children }: { demo: boolean; children: ReactNode }) {
  return (
    <div className={classes.card} role="status">
      <h1>Look into your mail</h1>
      <p>{children}</p>
      <p>The link in it is good for a day.</p>
      <p className={classes.other}>
        {demo && (
          <>
            This is a demo: <Link to="/mailbox">the letter lies in its mailbox</Link>.{' '}
          </>
        )}
        <Link to="/sign-in">Back to signing in</Link>
      </p>
    </div>
  );
}
