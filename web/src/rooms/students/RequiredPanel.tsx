import { ActionIcon, Button } from '@mantine/core';
import { IconX } from '@tabler/icons-react';
import { useState } from 'react';
import { useRemoveRequired, useRequired } from '../../api/lists';
import { undoNote } from '../../ui/undo';
import { Wrong } from '../../ui/Wrong';
import { RequiredDialog } from './RequiredDialog';
import { RequiredLines } from '../../parts/goals/RequiredLines';
import classes from '../../parts/goals/Required.module.css';

/** The scales a student has to be able to play by a day, each with how it stands. */
export function RequiredPanel({ studentId }: { studentId: number }) {
  const required = useRequired(studentId);
  const remove = useRemoveRequired();
  const [adding, setAdding] = useState(false);
  if (required.isError) return <Wrong error={required.error} again={() => required.refetch()} />;
  const scales = required.data ?? [];
  const met = scales.filter((scale) => scale.kind === 'met').length;
  return (
    <section aria-label="Goals">
      <div className={classes.head}>
        <h2>Goals{scales.length > 0 && `, ${met} of ${scales.length} met`}</h2>
        <Button size="compact-sm" variant="default" onClick={() => setAdding(true)}>
          Add goals
        </Button>
      </div>
      {required.isSuccess && scales.length === 0 && (
        <p className={classes.soft}>
          No list yet. Add a scale with a tempo and a day, or read a whole list from a file.
        </p>
      )}
      <RequiredLines
        scales={scales}
        after={(scale) => (
          <ActionIcon
            variant="subtle"
            color="gray"
            aria-label={`Remove ${scale.words}`}
            onClick={() =>
              remove.mutate(
                { id: scale.id },
                {
                  onSuccess: () =>
                    undoNote(`${scale.words} is off the list.`, () =>
                      remove.mutateAsync({ id: scale.id, restore: true }),
                    ),
                },
              )
            }
          >
            <IconX size={16} />
          </ActionIcon>
        )}
      />
      {adding && <RequiredDialog studentId={studentId} onClose={() => setAdding(false)} />}
    </section>
  );
}
