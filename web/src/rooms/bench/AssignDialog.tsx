import { Button, Group, Modal, NativeSelect, NumberInput, TextInput } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import { type FormEvent, useState } from 'react';
import { Link } from 'react-router';
import { useAssign } from '../../api/teacher';
import { dayOf, isoDay, short } from '../../ui/words';
import { Wrong } from '../../ui/Wrong';
import { useBench } from './BenchContext';

const TWO_WEEKS = 13;

/** Gives the step on the bench to a student. */
export function AssignDialog({ opened, onClose }: { opened: boolean; onClose: () => void }) {
  return (
    <Modal opened={opened} onClose={onClose} title="Assign this step" centered>
      <Fields onClose={onClose} />
    </Modal>
  );
}

function Fields({ onClose }: { onClose: () => void }) {
  const { state, step, students } = useBench();
  const stepId = state.ids[step.key];
  const assign = useAssign();
  const [studentId, setStudentId] = useState(state.studentId ?? students[0]?.id);
  const [startsOn, setStartsOn] = useState(isoDay());
  const [endsOn, setEndsOn] = useState(isoDay(TWO_WEEKS));
  const [minutes, setMinutes] = useState(8);
  if (studentId === undefined) {
    return (
      <p style={{ margin: 0 }}>
        There is nobody to give it to yet. <Link to="/students">Add a student</Link> first; the step is saved.
      </p>
    );
  }
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (assign.isPending || stepId === undefined) return;
    assign.mutate(
      { stepId, studentId, startsOn, endsOn, minutesADay: minutes },
      {
        onSuccess: () => {
          const name = students.find((one) => one.id === studentId)?.name ?? 'the student';
          notifications.show({ message: `Assigned to ${name} until ${dayOf(endsOn)}.`, color: 'moss' });
          onClose();
        },
      },
    );
  };
  return (
    <form onSubmit={submit} style={{ display: 'grid', gap: 14 }}>
      <NativeSelect
        label="Student"
        data-autofocus
        value={studentId}
        onChange={(event) => setStudentId(Number(event.currentTarget.value))}
        data={students.map((one) => ({ value: String(one.id), label: `${one.name}, ${one.instrumentName}` }))}
      />
      <Group grow>
        <TextInput
          label="From"
          type="date"
          required
          value={startsOn}
          onChange={(event) => setStartsOn(event.currentTarget.value)}
        />
        <TextInput
          label="To"
          type="date"
          required
          value={endsOn}
          onChange={(event) => setEndsOn(event.currentTarget.value)}
        />
      </Group>
      <NumberInput
        label="Minutes a day"
        min={1}
        max={180}
        value={minutes}
        onChange={(value) => setMinutes(Number(value) || 1)}
      />
      <p style={{ margin: 0, color: 'var(--ink-soft)', fontSize: 15 }}>
        The student climbs from {short(step.ladder.from)} to {short(step.ladder.to)} bpm by{' '}
        {short(step.ladder.by)}: three clean in a row for each rung, three rungs a day at most.
      </p>
      {assign.isError && <Wrong error={assign.error} />}
      <Group justify="flex-end">
        <Button variant="default" onClick={onClose}>
          Not now
        </Button>
        <Button type="submit" color="moss" loading={assign.isPending}>
          Assign
        </Button>
      </Group>
    </form>
  );
}
