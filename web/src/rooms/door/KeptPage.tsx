import { Link } from 'react-router';
import classes from './Mailbox.module.css';

/** What is kept, how long, and who can see it, in plain words. */
export function KeptPage() {
  return (
    <main className={classes.mailbox}>
      <h1>What Pebble Step keeps</h1>
      <h2>Of a student</h2>
      <p>
        The name that the teacher typed, the instrument and range, the day of the lesson, a note for the
        parents if there is one, what was given to practise, and every take: when, how fast, whether it was
        clean, what slipped, for how long, and what was written beside it. Nothing that is played is recorded;
        the microphone is not used. A student has no account and no password here. Where the teacher writes
        the letter about a week, the letter is kept with the address it went to.
      </p>
      <h2>Of a teacher</h2>
      <p>
        Name, e-mail address, and a scrambled form of the password from which it cannot be read back; if the
        studio sends through its own mail server, that server’s password, locked with a key beside the data.
        One cookie keeps you signed in, one guards against foreign pages. There are no others, no advertising,
        no measuring of visitors, and nothing is loaded from anywhere else.
      </p>
      <h2>Who can see it</h2>
      <p>
        The teacher of the studio sees everything in it and nothing of other studios. Whoever has a student’s
        practice link sees and logs that student’s practice and nothing else; the teacher can make a new link,
        and the old one ends at once. Whoever has the address of a calendar sees lessons and days of practice,
        until the teacher makes a new address. Whoever looks after the machine can read its files.
      </p>
      <h2>For how long</h2>
      <p>
        As long as the teacher wants. Under Studio settings, practice that was over some years ago can be let
        go by itself. A student who is deleted is out of sight at once, can be taken back for 30 days, and is
        gone then; the same with a studio. Backups are made every night and the last seven kept, so that
        something deleted stays in them for a week longer, and in copies that were put elsewhere.
      </p>
      <h2>On your device</h2>
      <p>
        A student’s device keeps the room for a fortnight, so that it works without network, and takes that
        are not sent yet. A teacher’s keeps material and the list of students until signing out.
      </p>
      <h2>To have it, or have it gone</h2>
      <p>
        Ask your teacher: everything about one student can be handed over as one open file (Take away on the
        student’s page), and deleted (Students, put away, Delete for good).
      </p>
      <p>
        <Link to="/">Back</Link>
      </p>
    </main>
  );
}
