import { Button, PasswordInput } from '@mantine/core';
import type { UseMutationResult } from '@tanstack/react-query';
import { type FormEvent, type ReactNode, useState } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { Problem } from '../../api/client';
import type { Session } from '../../api/types';
import { Wrong } from '../../ui/Wrong';
import { Door } from './Door';
import classes from './Door.module.css';

interface Props {
  title: string;
  label: string;
  /** What the button says that takes it. */
  go: string;
  taking: UseMutationResult<Session, Error, { word: string; password: string }>;
  /** What is said above the field, and beneath everything. */
  before?: ReactNode;
  children?: ReactNode;
}

/** Choosing a password by the word of a letter, and coming in with it. */
export function ChoosePassword({ title, label, go, taking, before, children }: Props) {
  const word = useLocation().hash.slice(1);
  const navigate = useNavigate();
  const [password, setPassword] = useState('');
  const wrong = taking.error instanceof Problem ? taking.error : undefined;
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (taking.isPending) return;
    taking.mutate({ word, password }, { onSuccess: () => navigate('/desk', { replace: true }) });
  };
  return (
    <Door>
      <form className={classes.card} onSubmit={submit}>
        <h1>{title}</h1>
        {before}
        <PasswordInput
          label={label}
          description="10 to 72 characters; three or four words make a good one"
          autoComplete="new-password"
          required
          maxLength={72}
          value={password}
          onChange={(event) => setPassword(event.currentTarget.value)}
          error={wrong?.pointer === '/password' ? wrong.sentence : undefined}
        />
        {taking.isError && wrong?.pointer !== '/password' && <Wrong error={taking.error} />}
        <Button type="submit" size="md" loading={taking.isPending}>
          {go}
        </Button>
        {children}
      </form>
    </Door>
  );
}
