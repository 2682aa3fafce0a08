import { Button } from '@mantine/core';
import classes from './Room.module.css';

/** Shown when a room itself breaks or cannot be loaded. */
export function RoomError() {
  return (
    <main className={classes.middle}>
      <h1>This room did not open</h1>
      <p>Perhaps the network is away, or the studio was just renewed. Nothing you saved is lost.</p>
      <Button onClick={() => window.location.reload()}>Load it again</Button>
    </main>
  );
}
