import { Button } from '@mantine/core';
import { useTakeBackStudio } from '../api/leaving';
import { useSignOut } from '../keep/useSignOut';
import type { Session } from '../api/types';
import { dayOf } from './words';
import { Wrong } from './Wrong';
import classes from './Room.module.css';

/** What is left of a studio that is deleted: the way back. */
export function DeletedStudio({ teacher }: { teacher: NonNullable<Session['teacher']> }) {
  const back = useTakeBackStudio();
  const signOut = useSignOut();
  return (
    <main className={classes.middle}>
      <h1>{teacher.studio} is deleted</h1>
      <p>
        Nobody can practise or look at anything in it. On {dayOf(teacher.goneOn!)} it is gone for good; until
        then its owner can take it back, with everything in it.
      </p>
      {back.isError && <Wrong error={back.error} />}
      {teacher.owner && (
        <Button loading={back.isPending} onClick={() => back.mutate()}>
          Take the studio back
        </Button>
      )}
      <Button variant="default" onClick={() => signOut.mutate()}>
        Sign out
      </Button>
    </main>
  );
}
