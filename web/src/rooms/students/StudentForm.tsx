import { Button, Group, Modal, NativeSelect, TextInput } from '@mantine/core';
import { type FormEvent, useState } from 'react';
import { Problem } from '../../api/client';
import { useCatalogue, useKeepStudent } from '../../api/teacher';
import type { Student } from '../../api/types';
import { Wrong } from '../../ui/Wrong';

interface Props {
  opened: boolean;
  onClose: () => void;
  /** The student to change; a new one without. */
  student?: Student;
}

/** Adds a student, or changes name and instrument. */
export function StudentForm(props: Props) {
  return (
    <Modal
      opened={props.opened}
      onClose={props.onClose}
      title={props.student ? 'Change the student' : 'A new student'}
      centered
    >
      <Fields {...props} />
    </Modal>
  );
}

function Fields({ onClose, student }: Props) {
  const catalogue = useCatalogue();
  const keep = useKeepStudent();
  const [name, setName] = useState(student?.name ?? '');
  const [instrument, setInstrument] = useState(student?.instrument ?? 'oboe');
  const wrong = keep.error instanceof Problem ? keep.error : undefined;
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (keep.isPending) return;
    keep.mutate({ id: student?.id, name, instrument }, { onSuccess: onClose });
  };
  return (
    <form onSubmit={submit} style={{ display: 'grid', gap: 14 }}>
      <TextInput
        label="Name"
        required
        data-autofocus
        value={name}
        onChange={(event) => setName(event.currentTarget.value)}
        error={wrong?.pointer === '/name' ? wrong.sentence : undefined}
      />
      <NativeSelect
        label="Instrument"
        value={instrument}
        onChange={(event) => setInstrument(event.currentTarget.value)}
        data={(catalogue.data?.instruments ?? []).map((i) => ({ value: i.id, label: i.name }))}
      />
      {keep.isError && wrong?.pointer !== '/name' && <Wrong error={keep.error} />}
      <Group justify="flex-end">
        <Button variant="default" onClick={onClose}>
          Leave it
        </Button>
        <Button type="submit" loading={keep.isPending}>
          {student ? 'Save' : 'Add'}
        </Button>
      </Group>
    </form>
  );
}
