import { Button } from '@mantine/core';
import { sentenceOf } from '../api/client';
import classes from './Room.module.css';

/** Says what went wrong and, where it helps, offers to try again. */
export function Wrong({ error, again }: { error: unknown; again?: () => void }) {
  return (
    <div className={classes.wrong} role="alert">
      {sentenceOf(error)}
      {again && (
        <Button size="compact-sm" variant="default" onClick={again}>
          Try again
        </Button>
      )}
    </div>
  );
}
