import { Button, Textarea } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import { useState, type FormEvent } from 'react';
import { useWriteNote } from '../../api/lessons';
import type { LessonNote } from '../../api/types';
import { DRAFT } from '../../keep/teacher';
import { Wrong } from '../../ui/Wrong';
import classes from './Lesson.module.css';

interface Props {
  studentId: number;
  /** The note to change; a new one without. */
  note?: LessonNote;
  onDone?: () => void;
}

function draftKey(studentId: number): string {
  return `${DRAFT}lesson-note:${studentId}`;
}

/** Writes a lesson note; what is typed is kept on this device until it is written down. */
export function WriteNote({ studentId, note, onDone }: Props) {
  const [text, setText] = useState(note?.text ?? localStorage.getItem(draftKey(studentId)) ?? '');
  const [toParents, setToParents] = useState(note?.toParents ?? '');
  const write = useWriteNote();
  const change = (typed: string) => {
    setText(typed);
    if (!note) localStorage.setItem(draftKey(studentId), typed);
  };
  const submit = (event: FormEvent) => {
    event.preventDefault();
    write.mutate(
      { studentId, id: note?.id, version: note?.version, text, toParents },
      {
        onSuccess: () => {
          if (!note) {
            localStorage.removeItem(draftKey(studentId));
            setText('');
            setToParents('');
          }
          notifications.show({ message: 'Written down.', color: 'moss' });
          onDone?.();
        },
      },
    );
  };
  return (
    <form onSubmit={submit} className={classes.note} aria-label="Lesson note">
      <Textarea
        label="Lesson note"
        placeholder="What you did, what to look at next time"
        autosize
        minRows={3}
        maxRows={8}
        maxLength={2000}
        value={text}
        onChange={(event) => change(event.currentTarget.value)}
      />
      <Textarea
        label="A word to the parents"
        description="Stands on their monthly page."
        autosize
        minRows={1}
        maxRows={4}
        maxLength={1000}
        value={toParents}
        onChange={(event) => setToParents(event.currentTarget.value)}
      />
      {write.isError && <Wrong error={write.error} />}
      <div className={classes.buttons}>
        <Button
          type="submit"
          color="moss"
          loading={write.isPending}
          disabled={text.trim() === '' && toParents.trim() === ''}
        >
          Write it down
        </Button>
        {onDone && (
          <Button variant="default" onClick={onDone}>
            Leave it
          </Button>
        )}
      </div>
    </form>
  );
}
