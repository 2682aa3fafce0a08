import { Button, TextInput } from '@mantine/core';
import { type FormEvent, useState } from 'react';
import { useDeleteStudio } from '../api/leaving';
import { Problem } from '../api/client';
import { Wrong } from './Wrong';
import classes from './Account.module.css';

/** Deleting the whole studio, its name typed. */
export function DeleteStudio({ studio }: { studio: string }) {
  const remove = useDeleteStudio();
  const [asked, setAsked] = useState(false);
  const [name, setName] = useState('');
  const wrong =
    remove.error instanceof Problem && remove.error.pointer === '/name' ? remove.error : undefined;
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (!remove.isPending) remove.mutate(name);
  };
  return (
    <form className={classes.part} onSubmit={submit} aria-label="Delete the studio">
      <h3>Delete the studio</h3>
      {!asked && (
        <Button variant="default" onClick={() => setAsked(true)}>
          Delete {studio} …
        </Button>
      )}
      {asked && (
        <>
          <p>
            All students, everything they practised, and all material go with it, and every practice link
            ends. For 30 days it can be taken back; then it is gone, except in backups that were made before.
          </p>
          <TextInput
            label={`Type its name: ${studio}`}
            required
            autoComplete="off"
            maxLength={80}
            value={name}
            onChange={(event) => setName(event.currentTarget.value)}
            error={wrong?.sentence}
          />
          {remove.isError && !wrong && <Wrong error={remove.error} />}
          <Button type="submit" color="clay" loading={remove.isPending}>
            Delete the studio
          </Button>
        </>
      )}
    </form>
  );
}
