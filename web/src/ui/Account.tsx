import { Button, PasswordInput, TextInput } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import { type FormEvent, useState } from 'react';
import { useChangeAddress, useChangePassword, useSignOutEverywhere } from '../api/account';
import { Problem } from '../api/client';
import type { Session } from '../api/types';
import { DeleteStudio } from './DeleteStudio';
import { FormDialog } from './FormDialog';
import { Wrong } from './Wrong';
import classes from './Account.module.css';

interface Props {
  teacher: NonNullable<Session['teacher']>;
  onClose: () => void;
}

/** One's own account: the password, the address, and where one is signed in. */
export function Account({ teacher, onClose }: Props) {
  const everywhere = useSignOutEverywhere();
  return (
    <FormDialog onClose={onClose} title="Your account" size={520}>
      <p className={classes.who}>
        {teacher.name}, {teacher.email}
      </p>
      <section className={classes.part} aria-label="Other devices">
        <h3>Other devices</h3>
        <p>A lost phone, or the computer at the school: they have to sign in anew.</p>
        {everywhere.isError && <Wrong error={everywhere.error} />}
        <Button
          variant="default"
          loading={everywhere.isPending}
          onClick={() =>
            everywhere.mutate(undefined, {
              onSuccess: () =>
                notifications.show({ message: 'Every other device is signed out.', color: 'moss' }),
            })
          }
        >
          Sign out everywhere else
        </Button>
      </section>
      <Password />
      <Address />
      {teacher.owner && <DeleteStudio studio={teacher.studio} />}
      <p className={classes.part}>
        <a href="/kept">What is kept here, how long, and who can see it</a>
      </p>
    </FormDialog>
  );
}

function Password() {
  const change = useChangePassword();
  const [form, setForm] = useState({ now: '', password: '' });
  const wrong = change.error instanceof Problem ? change.error : undefined;
  const at = (field: string) => (wrong?.pointer === `/${field}` ? wrong.sentence : undefined);
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (change.isPending) return;
    change.mutate(form, {
      onSuccess: () => {
        setForm({ now: '', password: '' });
        notifications.show({
          message: 'Your password is changed, and every other device is signed out.',
          color: 'moss',
        });
      },
    });
  };
  return (
    <form className={classes.part} onSubmit={submit} aria-label="Password">
      <h3>Password</h3>
      <PasswordInput
        label="Your password of now"
        autoComplete="current-password"
        required
        maxLength={200}
        value={form.now}
        onChange={(event) => {
          const now = event.currentTarget.value;
          setForm((before) => ({ ...before, now }));
        }}
        error={at('now')}
      />
      <PasswordInput
        label="The new one"
        description="10 to 72 characters; three or four words make a good one"
        autoComplete="new-password"
        required
        maxLength={72}
        value={form.password}
        onChange={(event) => {
          const password = event.currentTarget.value;
          setForm((before) => ({ ...before, password }));
        }}
        error={at('password')}
      />
      {change.isError && !wrong?.pointer && <Wrong error={change.error} />}
      <Button type="submit" variant="default" loading={change.isPending}>
        Change the password
      </Button>
    </form>
  );
}

function Address() {
  const change = useChangeAddress();
  const [form, setForm] = useState({ email: '', password: '' });
  const wrong = change.error instanceof Problem ? change.error : undefined;
  const at = (field: string) => (wrong?.pointer === `/${field}` ? wrong.sentence : undefined);
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (!change.isPending) change.mutate(form);
  };
  if (change.isSuccess)
    return (
      <section className={classes.part} aria-label="Address">
        <h3>Address</h3>
        <p role="status">
          We have written to {form.email}. When you open the link of the letter, it takes the place of the old
          address.
        </p>
      </section>
    );
  return (
    <form className={classes.part} onSubmit={submit} aria-label="Address">
      <h3>Address</h3>
      <TextInput
        label="Another e-mail address"
        type="email"
        required
        maxLength={200}
        value={form.email}
        onChange={(event) => {
          const email = event.currentTarget.value;
          setForm((before) => ({ ...before, email }));
        }}
        error={at('email')}
      />
      <PasswordInput
        label="Your password"
        autoComplete="current-password"
        required
        maxLength={200}
        value={form.password}
        onChange={(event) => {
          const password = event.currentTarget.value;
          setForm((before) => ({ ...before, password }));
        }}
        error={at('password')}
      />
      {change.isError && !wrong?.pointer && <Wrong error={change.error} />}
      <Button type="submit" variant="default" loading={change.isPending}>
        Write to that address
      </Button>
    </form>
  );
}
