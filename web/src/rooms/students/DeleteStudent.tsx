import { TextInput } from '@mantine/core';
import { useForm } from '@mantine/form';
import { notifications } from '@mantine/notifications';
import { useDeleteStudent } from '../../api/leaving';
import type { Student } from '../../api/types';
import { DialogForm, FormDialog } from '../../ui/FormDialog';
import classes from './DeleteStudent.module.css';

/** Deleting a student for good: what is kept is offered first, and the name is typed. */
export function DeleteStudent({ student, onClose }: { student: Student; onClose: () => void }) {
  const remove = useDeleteStudent();
  const form = useForm({ initialValues: { name: '' } });
  return (
    <FormDialog onClose={onClose} title={`Delete ${student.name} for good`}>
      <DialogForm
        form={form}
        sending={remove}
        body={({ name }) => ({ id: student.id, name })}
        onDone={() => {
          notifications.show({ message: `${student.name} is deleted. For 30 days you can take them back.` });
          onClose();
        }}
        onClose={onClose}
        leave="Keep"
        go="Delete for good"
        color="clay"
        said={['name']}
      >
        <p className={classes.text}>
          Every take, note, goal and plan of {student.name} goes with them. Hand over what is kept first:
        </p>
        <p className={classes.files}>
          <a href={`/api/students/${student.id}/data`} download>
            Everything, as JSON
          </a>
          <a href={`/api/students/${student.id}/takes.csv`} download>
            The takes, as CSV
          </a>
        </p>
        <p className={classes.text}>
          For 30 days this can be taken back. Then it is gone, except in backups that were made before: of
          those the last seven nights are kept.
        </p>
        <TextInput
          label={`Type the name: ${student.name}`}
          required
          autoComplete="off"
          maxLength={80}
          {...form.getInputProps('name')}
        />
      </DialogForm>
    </FormDialog>
  );
}
