import { Button } from '@mantine/core';
import { useState } from 'react';
import type { LessonCard } from '../../api/types';
import { dayOf } from '../../ui/words';
import { WriteNote } from './WriteNote';
import classes from './Lesson.module.css';

/** Beside the note: what the student said, what the parents should know, and the notes so far. */
export function LessonAside({ card }: { card: LessonCard }) {
  const [changing, setChanging] = useState<number>();
  return (
    <>
      {card.words.length > 0 && (
        <section aria-label="They wrote to you">
          <h2>They wrote to you</h2>
          {card.words.map((word) => (
            <p key={word.id}>
              <span className={classes.soft}>{dayOf(word.day)}</span> “{word.text}”
            </p>
          ))}
        </section>
      )}
      {card.student.parentNote && (
        <section aria-label="Parents">
          <h2>Parents</h2>
          <p>{card.student.parentNote}</p>
        </section>
      )}
      {card.notes.length > 0 && (
        <section aria-label="Notes so far">
          <h2>Notes so far</h2>
          {card.notes.map((note) =>
            changing === note.id ? (
              <WriteNote
                key={note.id}
                studentId={card.student.id}
                note={note}
                onDone={() => setChanging(undefined)}
              />
            ) : (
              <p key={note.id} className={classes.written}>
                <span className={classes.soft}>
                  {note.by ? `${dayOf(note.heldOn)}, ${note.by}` : dayOf(note.heldOn)}
                </span>{' '}
                {note.text}
                {note.toParents && <em> To the parents: {note.toParents}</em>}{' '}
                <Button
                  size="compact-xs"
                  variant="subtle"
                  aria-label={`Change the note of ${dayOf(note.heldOn)}`}
                  onClick={() => setChanging(note.id)}
                >
                  Change
                </Button>
              </p>
            ),
          )}
        </section>
      )}
    </>
  );
}
