import { Button, Checkbox, Group } from '@mantine/core';
import { useState } from 'react';
import { useFit } from '../../api/climbs';
import type { Touched } from '../../api/types';
import { FormDialog } from '../../ui/FormDialog';
import { Wrong } from '../../ui/Wrong';
import classes from './TouchedDialog.module.css';

interface Props {
  touched: Touched[];
  /** Makes the change of the student. */
  onSave: () => Promise<unknown>;
  onDone: () => void;
  onClose: () => void;
}

/** What a change would leave without its notes, told before it is made, and what each could become with it. */
export function TouchedDialog({ touched, onSave, onDone, onClose }: Props) {
  const fit = useFit();
  const [left, setLeft] = useState<number[]>([]);
  const [saving, setSaving] = useState(false);
  const [error, setError] = useState<unknown>();
  const fitted = touched.filter((one) => one.fits && !left.includes(one.assignmentId));
  const save = async () => {
    if (saving) return;
    setSaving(true);
    setError(undefined);
    try {
      await onSave();
      for (const one of fitted) await fit.mutateAsync(one.assignmentId);
      onDone();
    } catch (wrong) {
      setError(wrong);
    } finally {
      setSaving(false);
    }
  };
  const count =
    touched.length === 1 ? 'One step that was given does' : `${touched.length} steps that were given do`;
  return (
    <FormDialog opened onClose={onClose} title={`${count} not fit then`} size="lg">
      <ul className={classes.touched}>
        {touched.map((one) => (
          <li key={one.assignmentId}>
            <strong>{one.title}</strong>
            <span>{one.sentence}</span>
            {one.fits ? (
              <Checkbox
                label={`Give ${one.fits} instead`}
                checked={!left.includes(one.assignmentId)}
                onChange={(event) => {
                  const keeps = event.currentTarget.checked;
                  setLeft((before) =>
                    keeps ? before.filter((id) => id !== one.assignmentId) : [...before, one.assignmentId],
                  );
                }}
              />
            ) : (
              <em>Nothing near it fits.</em>
            )}
          </li>
        ))}
      </ul>
      <p className={classes.note}>
        What does not fit is not played until you settle it; it stays on the Desk. Everything that was
        practised is kept.
      </p>
      {error !== undefined && <Wrong error={error} />}
      <Group justify="flex-end">
        <Button variant="default" onClick={onClose}>
          Leave the range
        </Button>
        <Button loading={saving} onClick={() => void save()}>
          {fitted.length > 0 ? `Save, and change ${fitted.length}` : 'Save all the same'}
        </Button>
      </Group>
    </FormDialog>
  );
}
