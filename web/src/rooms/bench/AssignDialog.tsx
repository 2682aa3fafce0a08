import { Button, Group, Modal, NativeSelect, NumberInput, TextInput } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import { type FormEvent, useState } from 'react';
import { Link } from 'react-router';
import { useAssign } from '../../api/assignments';
import { firstDays, Period } from '../../ui/Period';
import { dayOf, isoDay, notes } from '../../ui/words';
import { Weekdays } from '../../ui/Weekdays';
import { Wrong } from '../../ui/Wrong';
import { useAround, useDraft, useWorked } from './BenchContext';

/** Gives the step on the bench to a student. */
export function AssignDialog({ opened, onClose }: { opened: boolean; onClose: () => void }) {
  return (
    <Modal opened={opened} onClose={onClose} title="Assign this step" centered>
      <Fields onClose={onClose} />
    </Modal>
  );
}

function Fields({ onClose }: { onClose: () => void }) {
  const { state, step } = useDraft();
  const { students } = useAround();
  const { climb } = useWorked();
  const stepId = state.ids[step.key];
  const assign = useAssign();
  const [studentId, setStudentId] = useState(state.studentId ?? students[0]?.id);
  const [days, setDays] = useState(firstDays);
  const [weekdays, setWeekdays] = useState<number[]>([]);
  const [minutes, setMinutes] = useState(8);
  const [goalOn, setGoalOn] = useState('');
  const [goalBpm, setGoalBpm] = useState<number>();
  if (studentId === undefined) {
    return (
      <p style={{ margin: 0 }}>
        There is nobody to give it to yet. <Link to="/students">Add a student</Link> first; the step is saved.
      </p>
    );
  }
  const top = climb?.walk.at(-1)?.bpm;
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (assign.isPending || stepId === undefined) return;
    assign.mutate(
      {
        stepId,
        studentId,
        startsOn: days.from,
        endsOn: days.to,
        weekdays,
        minutesADay: minutes,
        start: state.starts[step.key],
        goal: goalOn ? { bpm: goalBpm ?? top ?? step.document.tempo.bpm, date: goalOn } : undefined,
      },
      {
        onSuccess: () => {
          const name = students.find((one) => one.id === studentId)?.name ?? 'the student';
          const until = days.to === undefined ? 'until it is learned' : `until ${dayOf(days.to)}`;
          notifications.show({ message: `Assigned to ${name} ${until}.`, color: 'moss' });
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
        data={students.map((one) => ({
          value: String(one.id),
          label: `${one.name}, ${one.instrument.name}`,
        }))}
      />
      <Period days={days} onChange={setDays} />
      <Weekdays chosen={weekdays} onChange={setWeekdays} />
      <NumberInput
        label="Minutes a day"
        min={1}
        max={180}
        value={minutes}
        onChange={(value) => setMinutes(Number(value) || 1)}
      />
      <Group grow>
        <TextInput
          label="To be met by (if you wish)"
          type="date"
          min={isoDay(1)}
          value={goalOn}
          onChange={(event) => setGoalOn(event.currentTarget.value)}
        />
        <NumberInput
          label="Tempo to be met, bpm"
          min={20}
          max={400}
          decimalScale={1}
          disabled={!goalOn}
          value={goalBpm ?? top ?? ''}
          onChange={(value) => setGoalBpm(value === '' ? undefined : Number(value))}
        />
      </Group>
      <p style={{ margin: 0, color: 'var(--ink-soft)', fontSize: 15 }}>
        {climb && (
          <>
            The student starts with {notes(climb.walk[0]!.words)} and climbs {climb.walk.length}{' '}
            {climb.walk.length === 1 ? 'rung' : 'rungs'} to {notes(climb.walk.at(-1)!.words)}:{' '}
            {step.climb.rules.clean} clean in a row for each, {step.climb.rules.rungsADay} rungs a day at
            most.
          </>
        )}
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
