import type { ReactNode } from 'react';
import { isClosing, sentenceOf } from '../../api/client';
import classes from './Practice.module.css';

/** A room that cannot be entered: its link was replaced, or the studio cannot be reached and nothing was kept. */
export function NoWay({ error, children }: { error: unknown; children?: ReactNode }) {
  return (
    <main className={classes.alone}>
      <h1>{isClosing(error) ? 'This room is closed' : 'No way to the studio'}</h1>
      <p>{sentenceOf(error)}</p>
      {children}
    </main>
  );
}
