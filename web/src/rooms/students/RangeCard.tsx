import { ActionIcon } from '@mantine/core';
import { IconMinus, IconPlus } from '@tabler/icons-react';
import { useState } from 'react';
import { useGrowRange, useTouchedByRange } from '../../api/students';
import type { Student, Touched } from '../../api/types';
import { Wrong } from '../../ui/Wrong';
import { endsOf, signs } from '../../ui/signs';
import { TouchedDialog } from './TouchedDialog';
import classes from './StudentPage.module.css';

interface Move {
  id: number;
  end: 'top' | 'bottom';
  notes: number;
}

/** The student's range, which grows note by note at either end. */
export function RangeCard({ student }: { student: Student }) {
  const grow = useGrowRange();
  const touched = useTouchedByRange();
  const [asked, setAsked] = useState<{ move: Move; touched: Touched[] }>();
  const [lowest, highest] = endsOf(student.instrument.range);
  const step = (end: 'top' | 'bottom', by: number) => {
    const move = { id: student.id, end, notes: by };
    if (by > 0) {
      grow.mutate(move);
      return;
    }
    if (touched.isPending || grow.isPending) return;
    touched.mutate(move, {
      onSuccess: (found) => (found.length > 0 ? setAsked({ move, touched: found }) : grow.mutate(move)),
    });
  };
  const ends = [
    { end: 'bottom', name: 'lowest', note: lowest },
    { end: 'top', name: 'highest', note: highest },
  ] as const;
  return (
    <section aria-label="Range" className={classes.range}>
      <h2>Range</h2>
      <div>
        {ends.map(({ end, name, note }) => (
          <p key={end}>
            <span>{name}</span>
            <ActionIcon
              variant="default"
              radius="xl"
              aria-label={`One note fewer, ${name}`}
              onClick={() => step(end, -1)}
            >
              <IconMinus size={15} />
            </ActionIcon>
            <strong aria-live="polite">{signs(note)}</strong>
            <ActionIcon
              variant="default"
              radius="xl"
              aria-label={`One note more, ${name}`}
              onClick={() => step(end, 1)}
            >
              <IconPlus size={15} />
            </ActionIcon>
          </p>
        ))}
      </div>
      <p className={classes.soft}>
        As written.{' '}
        {student.instrument.ownRange
          ? 'Their own.'
          : 'Of their level; grown by a note, it becomes their own.'}
      </p>
      {grow.isError && <Wrong error={grow.error} />}
      {touched.isError && <Wrong error={touched.error} />}
      {asked && (
        <TouchedDialog
          touched={asked.touched}
          onSave={() => grow.mutateAsync(asked.move)}
          onDone={() => setAsked(undefined)}
          onClose={() => setAsked(undefined)}
        />
      )}
    </section>
  );
}
