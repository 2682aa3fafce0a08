import { Loader } from '@mantine/core';
import classes from './Room.module.css';

/** Shown while a room is on its way. */
export function Waiting() {
  return (
    <div className={classes.middle} role="status" aria-label="Loading">
      <Loader color="river" type="dots" />
    </div>
  );
}
