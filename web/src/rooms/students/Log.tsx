import { Button } from '@mantine/core';
import { lazy, Suspense, useState } from 'react';
import { useTakes, useWords } from '../../api/progress';
import type { Student } from '../../api/types';
import { dayOf, short } from '../../ui/words';
import { Wrong } from '../../ui/Wrong';
import classes from './StudentPage.module.css';

const TypeIn = lazy(async () => ({ default: (await import('./TypeIn')).TypeIn }));

/** The log of takes, newest first. */
export function Log({ student }: { student: Student }) {
  const studentId = student.id;
  const [typing, setTyping] = useState(false);
  const [page, setPage] = useState(0);
  const takes = useTakes(studentId, page);
  if (takes.isError) return <Wrong error={takes.error} again={() => takes.refetch()} />;
  const { items = [], pages = 0, total = 0 } = takes.data ?? {};
  return (
    <section aria-label="Log">
      <h2 className={classes.withButton}>
        Log
        <Button size="compact-sm" variant="default" onClick={() => setTyping(true)}>
          Type in a sheet
        </Button>
      </h2>
      <Suspense>{typing && <TypeIn student={student} onClose={() => setTyping(false)} />}</Suspense>
      <Words studentId={studentId} />
      {takes.isSuccess && total === 0 && <p className={classes.soft}>No take yet.</p>}
      <ul className={classes.log} tabIndex={0} aria-label="Takes">
        {items.map((take) => (
          <li key={take.id}>
            <span>{dayOf(take.day)}</span>
            <span className={classes.outcome} data-outcome={take.outcome}>
              {take.outcome}
            </span>
            <span>{short(take.bpm)} bpm</span>
            <span className={classes.of}>
              {take.title}
              {take.onPaper && <small> typed in from a sheet</small>}
              {take.slipped && <small> {take.slipped}</small>}
              {take.note && <em> “{take.note}”</em>}
            </span>
          </li>
        ))}
      </ul>
      {pages > 1 && (
        <div className={classes.buttons}>
          <Button size="compact-sm" variant="default" disabled={page === 0} onClick={() => setPage(page - 1)}>
            Newer
          </Button>
          <Button
            size="compact-sm"
            variant="default"
            disabled={page + 1 >= pages}
            onClick={() => setPage(page + 1)}
          >
            Older
          </Button>
          <span className={classes.soft}>{total} takes</span>
        </div>
      )}
    </section>
  );
}

const SHOWN = 3;

/** What the student wrote to the teacher last. */
function Words({ studentId }: { studentId: number }) {
  const words = useWords(studentId);
  const last = words.data?.items.slice(0, SHOWN) ?? [];
  if (last.length === 0) return null;
  return (
    <ul className={classes.words} aria-label="Lines to you">
      {last.map((word) => (
        <li key={word.id}>
          <span>{dayOf(word.day)}</span> “{word.text}”
        </li>
      ))}
    </ul>
  );
}
