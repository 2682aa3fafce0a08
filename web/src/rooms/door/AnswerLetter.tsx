import { Button } from '@mantine/core';
import { Link, useLocation } from 'react-router';
import { useAnswerLetter } from '../../api/account';
import { Wrong } from '../../ui/Wrong';
import { Door } from './Door';
import classes from './Door.module.css';

/** Where the link of a letter leads: answered by a press, not by whatever looks through mail. */
export function AnswerLetter() {
  const word = useLocation().hash.slice(1);
  const answer = useAnswerLetter();
  return (
    <Door>
      <div className={classes.card}>
        <h1>{answer.isSuccess ? 'Done' : 'Is it you?'}</h1>
        {answer.isSuccess ? (
          <>
            <p role="status">{answer.data.sentence}</p>
            <Button size="md" component={Link} to="/desk">
              Come in
            </Button>
          </>
        ) : (
          <>
            <p>You have opened the link of a letter from Pebble Step.</p>
            {answer.isError && <Wrong error={answer.error} />}
            <Button size="md" loading={answer.isPending} onClick={() => answer.mutate(word)}>
              Yes, go on
            </Button>
            <p className={classes.other}>If you asked for nothing, close this page: nothing happens then.</p>
          </>
        )}
      </div>
    </Door>
  );
}
