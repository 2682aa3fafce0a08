import { Button, PasswordInput } from '@mantine/core';
import { type FormEvent, useState } from 'react';
import { Link, useLocation, useNavigate } from 'react-router';
import { useNewPassword } from '../../api/account';
import { Problem } from '../../api/client';
import { Wrong } from '../../ui/Wrong';
import { Door } from './Door';
import classes from './Door.module.css';

/** Choosing a new password from a letter. */
export function NewPassword() {
  const word = useLocation().hash.slice(1);
  const navigate = useNavigate();
  const change = useNewPassword();
  const [password, setPassword] = useState('');
  const wrong = change.error instanceof Problem ? change.error : undefined;
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (change.isPending) return;
    change.mutate({ word, password }, { onSuccess: () => navigate('/desk', { replace: true }) });
  };
  return (
    <Door>
      <form className={classes.card} onSubmit={submit}>
        <h1>Choose a new password</h1>
        <PasswordInput
          label="New password"
          description="10 to 72 characters; three or four words make a good one"
          autoComplete="new-password"
          required
          maxLength={72}
          value={password}
          onChange={(event) => setPassword(event.currentTarget.value)}
          error={wrong?.pointer === '/password' ? wrong.sentence : undefined}
        />
        <p>Every other device is signed out with it.</p>
        {change.isError && wrong?.pointer !== '/password' && <Wrong error={change.error} />}
        <Button type="submit" size="md" loading={change.isPending}>
          Take it, and come in
        </Button>
        <p className={classes.other}>
          <Link to="/forgotten">Ask for a new letter</Link>
        </p>
      </form>
    </Door>
  );
}
