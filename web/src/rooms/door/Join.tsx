import { Button, PasswordInput } from '@mantine/core';
import { type FormEvent, useState } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { useJoin } from '../../api/account';
import { Problem } from '../../api/client';
import { Wrong } from '../../ui/Wrong';
import { Door } from './Door';
import classes from './Door.module.css';

/** Coming in as a teacher of a studio that has invited. */
export function Join() {
  const word = useLocation().hash.slice(1);
  const navigate = useNavigate();
  const join = useJoin();
  const [password, setPassword] = useState('');
  const wrong = join.error instanceof Problem ? join.error : undefined;
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (join.isPending) return;
    join.mutate({ word, password }, { onSuccess: () => navigate('/desk', { replace: true }) });
  };
  return (
    <Door>
      <form className={classes.card} onSubmit={submit}>
        <h1>You are invited to teach</h1>
        <p>Choose a password of your own; you come in with it and the address that the letter went to.</p>
        <PasswordInput
          label="Password"
          description="10 to 72 characters; three or four words make a good one"
          autoComplete="new-password"
          required
          maxLength={72}
          value={password}
          onChange={(event) => setPassword(event.currentTarget.value)}
          error={wrong?.pointer === '/password' ? wrong.sentence : undefined}
        />
        {join.isError && wrong?.pointer !== '/password' && <Wrong error={join.error} />}
        <Button type="submit" size="md" loading={join.isPending}>
          Come in
        </Button>
      </form>
    </Door>
  );
}
