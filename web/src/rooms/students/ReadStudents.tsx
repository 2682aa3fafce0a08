import { Button, Group, Modal } from '@mantine/core';
import { useDebouncedValue } from '@mantine/hooks';
import { notifications } from '@mantine/notifications';
import { useState } from 'react';
import { useReadStudents, useStudentsPreview } from '../../api/lists';
import { CsvField } from '../../ui/CsvField';
import { notes } from '../../ui/words';
import { Wrong } from '../../ui/Wrong';
import classes from './ReadStudents.module.css';

const WAIT_MS = 300;
const EXAMPLE =
  'name,instrument,level,minutes,lesson day,lesson time,class,note\n' +
  'Pia Marsh,oboe,first octave,15,Tuesday,16:30,Saturday reeds,';

/** Reads a list of students: what would come of it stands beneath while it is pasted. */
export function ReadStudents({ onClose }: { onClose: () => void }) {
  const [text, setText] = useState('');
  const [settled] = useDebouncedValue(text, WAIT_MS);
  const preview = useStudentsPreview(settled);
  const read = useReadStudents();
  const lines = settled.trim() === '' ? [] : (preview.data?.lines ?? []);
  const good = lines.filter((line) => !line.refusal).length;
  const take = () =>
    read.mutate(text, {
      onSuccess: ({ taken }) => {
        notifications.show({
          message: `${taken} ${taken === 1 ? 'student' : 'students'} added.`,
          color: 'moss',
        });
        onClose();
      },
    });
  return (
    <Modal opened onClose={onClose} title="Read a list of students" centered size="lg">
      <CsvField text={text} onText={setText} example={EXAMPLE} />
      {preview.isError && settled.trim() !== '' && <Wrong error={preview.error} />}
      {lines.length > 0 && !preview.isError && (
        <ul className={classes.lines} aria-label="What comes of it">
          {lines.map((line) => (
            <li key={line.line} data-refused={line.refusal ? true : undefined}>
              <span>{line.line}</span>
              <strong>{line.name || '–'}</strong>
              <span>{line.refusal ? `left out: ${notes(line.refusal)}` : line.instrument}</span>
            </li>
          ))}
        </ul>
      )}
      {read.isError && <Wrong error={read.error} />}
      <Group justify="flex-end" mt="md">
        <Button variant="default" onClick={onClose}>
          Not now
        </Button>
        <Button
          color="moss"
          loading={read.isPending}
          disabled={good === 0 || preview.isError || settled !== text}
          onClick={take}
        >
          Add {good} {good === 1 ? 'student' : 'students'}
        </Button>
      </Group>
    </Modal>
  );
}
