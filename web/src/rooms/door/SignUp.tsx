import { Button, PasswordInput, TextInput } from '@mantine/core';
import { type FormEvent, useState } from 'react';
import { Link, Navigate } from 'react-router';
import { Problem } from '../../api/client';
import { useSession, useSignUp } from '../../api/session';
import { Wrong } from '../../ui/Wrong';
import { Door } from './Door';
import { Sent } from './Sent';
import classes from './Door.module.css';

/** Making a studio. */
export function SignUp() {
  const session = useSession();
  const signUp = useSignUp();
  const [wish, setWish] = useState({ studio: '', name: '', email: '', password: '', invitation: '' });
  const asked = session.data?.signUp;
  if (session.data?.teacher) return <Navigate to="/desk" replace />;
  const wrong = signUp.error instanceof Problem ? signUp.error : undefined;
  const field = (name: keyof typeof wish) => ({
    required: true,
    value: wish[name],
    onChange: (event: { currentTarget: { value: string } }) => {
      const { value } = event.currentTarget;
      setWish((before) => ({ ...before, [name]: value }));
    },
    error: wrong?.pointer === `/${name}` ? wrong.sentence : undefined,
  });
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (signUp.isPending) return;
    signUp.mutate({ ...wish, invitation: asked === 'invitation' ? wish.invitation : undefined });
  };
  if (signUp.data?.letter)
    return (
      <Door>
        <Sent demo={session.data?.demo !== undefined}>
          We have written to {wish.email}. Open the link of the letter, and the studio is made.
        </Sent>
      </Door>
    );
  if (asked === 'closed')
    return (
      <Door>
        <div className={classes.card}>
          <h1>No new studios here</h1>
          <p>Whoever looks after this place has closed it for new studios.</p>
          <p className={classes.other}>
            Have one? <Link to="/sign-in">Sign in</Link>
          </p>
        </div>
      </Door>
    );
  return (
    <Door>
      <form className={classes.card} onSubmit={submit}>
        <h1>Make your studio</h1>
        <TextInput label="Studio" placeholder="as your students know it" {...field('studio')} />
        <TextInput label="Your name" autoComplete="name" {...field('name')} />
        <TextInput label="E-mail address" type="email" autoComplete="username" {...field('email')} />
        <PasswordInput
          label="Password"
          description="10 to 72 characters; three or four words make a good one"
          autoComplete="new-password"
          {...field('password')}
        />
        {asked === 'invitation' && (
          <TextInput label="Invitation" description="the word you were given" {...field('invitation')} />
        )}
        {signUp.isError && !wrong?.pointer && <Wrong error={signUp.error} />}
        <Button type="submit" size="md" loading={signUp.isPending}>
          Make the studio
        </Button>
        <p className={classes.other}>
          Have one? <Link to="/sign-in">Sign in</Link>
        </p>
      </form>
    </Door>
  );
}
