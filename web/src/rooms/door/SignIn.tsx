import { Button, PasswordInput, TextInput } from '@mantine/core';
import { type FormEvent, useState } from 'react';
import { Link, Navigate, useLocation } from 'react-router';
import { useSession, useSignIn } from '../../api/session';
import { Wrong } from '../../ui/Wrong';
import { Door } from './Door';
import classes from './Door.module.css';

/** Signing in; in the demo the way in is shown and offered. */
export function SignIn() {
  const session = useSession();
  const signIn = useSignIn();
  const location = useLocation();
  const [email, setEmail] = useState('');
  const [password, setPassword] = useState('');
  if (session.data?.teacher) {
    const from = (location.state as { from?: string } | null)?.from;
    return <Navigate to={from ?? '/desk'} replace />;
  }
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (!signIn.isPending) signIn.mutate({ email, password });
  };
  const demo = session.data?.demo;
  return (
    <Door>
      <form className={classes.card} onSubmit={submit}>
        <h1>Come in</h1>
        <TextInput
          label="E-mail address"
          type="email"
          autoComplete="username"
          required
          maxLength={200}
          value={email}
          onChange={(event) => setEmail(event.currentTarget.value)}
        />
        <PasswordInput
          label="Password"
          autoComplete="current-password"
          required
          maxLength={200}
          value={password}
          onChange={(event) => setPassword(event.currentTarget.value)}
        />
        {signIn.isError && <Wrong error={signIn.error} />}
        {session.isError && <Wrong error={session.error} again={() => session.refetch()} />}
        <Button type="submit" size="md" loading={signIn.isPending}>
          Sign in
        </Button>
        <p className={classes.other}>
          <Link to="/forgotten">Forgotten your password?</Link> · <Link to="/kept">What is kept here</Link>
        </p>
        {session.data?.signUp !== 'closed' && (
          <p className={classes.other}>
            No studio yet? <Link to="/sign-up">Make one</Link>
          </p>
        )}
      </form>
      {demo && (
        <aside className={`${classes.card} ${classes.demo}`}>
          <div>
            <h2>This is the demo studio</h2>
            <p>
              Teacher: {demo.email}, password {demo.password}
            </p>
          </div>
          <div>
            <Button
              variant="filled"
              color="moss"
              loading={signIn.isPending}
              onClick={() => signIn.mutate({ email: demo.email, password: demo.password })}
            >
              Enter as the teacher
            </Button>
            <Button variant="default" component={Link} to={demo.practicePath}>
              Practise as {demo.student.split(' ')[0]}
            </Button>
          </div>
        </aside>
      )}
    </Door>
  );
}
