import { Button, Group, TextInput } from '@mantine/core';
import { useForm } from '@mantine/form';
import { notifications } from '@mantine/notifications';
import { useState } from 'react';
import { useInviteTeacher, useLetTeacherGo, useTeachers } from '../api/account';
import { DialogForm, FormDialog } from './FormDialog';
import { Waiting } from './Waiting';
import { Wrong } from './Wrong';
import classes from './TeachersDialog.module.css';

const SAID = ['name', 'email'];

/** Who teaches in this studio; its owner invites others and lets them go. */
export function TeachersDialog({ owner, onClose }: { owner: boolean; onClose: () => void }) {
  const teachers = useTeachers();
  const letGo = useLetTeacherGo();
  const [leaving, setLeaving] = useState<number>();
  return (
    <FormDialog onClose={onClose} title="Teachers" size={520}>
      {teachers.isPending && <Waiting />}
      {teachers.isError && <Wrong error={teachers.error} again={() => teachers.refetch()} />}
      <ul className={classes.teachers}>
        {teachers.data?.map((one) => (
          <li key={one.id}>
            <span>
              <strong>{one.name}</strong>
              <span className={classes.soft}>
                {one.owner ? 'owner' : 'teacher'}
                {one.email && `, ${one.email}`}
              </span>
            </span>
            {owner && !one.owner && leaving !== one.id && (
              <Button size="compact-sm" variant="default" onClick={() => setLeaving(one.id)}>
                Let go
              </Button>
            )}
            {leaving === one.id && (
              <Group gap={8}>
                <Button size="compact-sm" variant="default" onClick={() => setLeaving(undefined)}>
                  Keep
                </Button>
                <Button
                  size="compact-sm"
                  color="clay"
                  loading={letGo.isPending}
                  onClick={() => letGo.mutate(one.id, { onSuccess: () => setLeaving(undefined) })}
                >
                  Let {one.name} go
                </Button>
              </Group>
            )}
          </li>
        ))}
      </ul>
      {letGo.isError && <Wrong error={letGo.error} />}
      {owner ? (
        <Invite onClose={onClose} />
      ) : (
        <p className={classes.soft}>
          The owner invites teachers, changes the studio’s settings and deletes for good. Everything else you
          may do as well.
        </p>
      )}
    </FormDialog>
  );
}

function Invite({ onClose }: { onClose: () => void }) {
  const invite = useInviteTeacher();
  const form = useForm({ initialValues: { name: '', email: '' } });
  return (
    <DialogForm
      form={form}
      sending={invite}
      body={(values) => values}
      onDone={() => {
        notifications.show({ message: `We have written to ${form.values.email}.`, color: 'moss' });
        form.reset();
      }}
      onClose={onClose}
      leave="Close"
      go="Invite"
      said={SAID}
    >
      <h3 className={classes.title}>Invite a teacher</h3>
      <p className={classes.soft}>
        An assistant, or a stand-in for the holidays. They see every student and all material, give, decide
        and write; what they did bears their name. Settings, teachers and deleting for good stay yours.
      </p>
      <Group grow align="start">
        <TextInput label="Name" required maxLength={80} {...form.getInputProps('name')} />
        <TextInput
          label="E-mail address"
          type="email"
          required
          maxLength={200}
          {...form.getInputProps('email')}
        />
      </Group>
    </DialogForm>
  );
}
