import { Button } from '@mantine/core';
import { Link } from 'react-router';
import classes from './Room.module.css';

/** Shown for an address that is no room. */
export function NowhereRoom() {
  return (
    <main className={classes.middle}>
      <h1>There is no room here</h1>
      <p>The address may be mistyped. A practice link is long; copy the whole of it.</p>
      <Button component={Link} to="/desk">
        To the desk
      </Button>
    </main>
  );
}
