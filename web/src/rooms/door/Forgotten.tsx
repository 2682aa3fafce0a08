import { Button, TextInput } from '@mantine/core';
import { type FormEvent, useState } from 'react';
import { Link } from 'react-router';
import { useForgotten } from '../../api/account';
import { useSession } from '../../api/session';
import { Wrong } from '../../ui/Wrong';
import { Door } from './Door';
import { Sent } from './Sent';
import classes from './Door.module.css';

/** Asking for a letter about a forgotten password. */
export function Forgotten() {
  const session = useSession();
  const forgotten = useForgotten();
  const [email, setEmail] = useState('');
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (!forgotten.isPending) forgotten.mutate(email);
  };
  return (
    <Door>
      {forgotten.isSuccess ? (
        <Sent demo={session.data?.demo !== undefined}>
          If {email} has an account here, a letter with a link to a new password is on its way.
        </Sent>
      ) : (
        <form className={classes.card} onSubmit={submit}>
          <h1>A new password</h1>
          <p>We write to your address, and you choose a new password from the letter.</p>
          <TextInput
            label="E-mail address"
            type="email"
            autoComplete="username"
            required
            maxLength={200}
            value={email}
            onChange={(event) => setEmail(event.currentTarget.value)}
          />
          {forgotten.isError && <Wrong error={forgotten.error} />}
          <Button type="submit" size="md" loading={forgotten.isPending}>
            Write to me
          </Button>
          <p className={classes.other}>
            <Link to="/sign-in">Back to signing in</Link>
          </p>
        </form>
      )}
    </Door>
  );
}
