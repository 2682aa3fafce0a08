import { useForm } from '@mantine/form';
import { useDebouncedValue } from '@mantine/hooks';
import { notifications } from '@mantine/notifications';
import { useReadStudents, useStudentsPreview } from '../../api/lists';
import { CsvField } from '../../ui/CsvField';
import { DialogForm, FormDialog } from '../../ui/FormDialog';
import { Wrong } from '../../ui/Wrong';
import classes from './ReadStudents.module.css';

const WAIT_MS = 300;
const EXAMPLE =
  'name,instrument,level,minutes,lesson day,lesson time,class,note\n' +
  'Pia Marsh,oboe,first octave,15,Tuesday,16:30,Saturday reeds,';

/** Reads a list of students: what would come of it stands beneath while it is pasted. */
export function ReadStudents({ onClose }: { onClose: () => void }) {
  const form = useForm({ initialValues: { text: '' } });
  const { text } = form.values;
  const [settled] = useDebouncedValue(text, WAIT_MS);
  const preview = useStudentsPreview(settled);
  const read = useReadStudents();
  const lines = settled.trim() === '' ? [] : (preview.data?.lines ?? []);
  const good = lines.filter((line) => !line.refusal).length;
  return (
    <FormDialog onClose={onClose} title="Read a list of students" size="lg">
      <DialogForm
        form={form}
        sending={read}
        body={() => text}
        onDone={({ taken }) => {
          notifications.show({
            message: `${taken} ${taken === 1 ? 'student' : 'students'} added.`,
            color: 'moss',
          });
          onClose();
        }}
        onClose={onClose}
        leave="Not now"
        go={`Add ${good} ${good === 1 ? 'student' : 'students'}`}
        color="moss"
        ready={good > 0 && !preview.isError && settled === text}
      >
        <CsvField text={text} onText={(typed) => form.setFieldValue('text', typed)} example={EXAMPLE} />
        {preview.isError && settled.trim() !== '' && <Wrong error={preview.error} />}
        {lines.length > 0 && !preview.isError && (
          <ul className={classes.lines} aria-label="What comes of it">
            {lines.map((line) => (
              <li key={line.line} data-refused={line.refusal ? true : undefined}>
                <span>{line.line}</span>
                <strong>{line.name || '–'}</strong>
                <span>{line.refusal ? `left out: ${line.refusal}` : line.instrument}</span>
              </li>
            ))}
          </ul>
        )}
      </DialogForm>
    </FormDialog>
  );
}
