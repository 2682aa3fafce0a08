import { Link } from 'react-router';
import { useMailbox } from '../../api/account';
import { momentSaid } from '../../ui/words';
import { Waiting } from '../../ui/Waiting';
import { Wrong } from '../../ui/Wrong';
import classes from './Mailbox.module.css';

const LINK = /(https?:\/\/\S+)/;

/** A line of a letter, its links to be followed here. */
function Line({ text }: { text: string }) {
  return (
    <>
      {text.split(LINK).map((part, i) => {
        if (!LINK.test(part)) return part;
        const { pathname, hash } = new URL(part);
        return (
          <Link key={i} to={pathname + hash}>
            {part}
          </Link>
        );
      })}
    </>
  );
}

/** The mailbox of the demo: what would have been sent. */
export function MailboxPage() {
  const letters = useMailbox();
  if (letters.isPending) return <Waiting />;
  if (letters.isError) return <Wrong error={letters.error} again={() => letters.refetch()} />;
  return (
    <main className={classes.mailbox}>
      <h1>Mailbox of the demo</h1>
      <p>
        Nothing is sent from here: these are the letters that would have been. They are gone with the demo.
      </p>
      {letters.data.length === 0 && (
        <p>
          No letter yet. <Link to="/forgotten">Forget a password</Link>, and one comes.
        </p>
      )}
      <ol>
        {letters.data.map((letter) => (
          <li key={letter.at + letter.to}>
            <h2>{letter.subject}</h2>
            <p className={classes.to}>
              to {letter.to}, {momentSaid(letter.at)}
            </p>
            <p className={classes.text}>
              <Line text={letter.text.trim()} />
            </p>
          </li>
        ))}
      </ol>
      <Link to="/sign-in">Back to signing in</Link>
    </main>
  );
}
