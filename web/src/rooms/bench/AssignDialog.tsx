import { useBounds } from '../../core/useBounds';
import { Group, NativeSelect, NumberInput, TextInput } from '@mantine/core';
import { useForm } from '@mantine/form';
import { notifications } from '@mantine/notifications';
import { Link } from 'react-router';
import { useAssign } from '../../api/assignments';
import { DialogForm, FormDialog } from '../../ui/FormDialog';
import { type Days, firstDays, Period } from '../../ui/Period';
import { dayOf, isoDay } from '../../ui/words';
import { Weekdays } from '../../ui/Weekdays';
import { useAround, useDraft, useWorked } from './BenchContext';

/** Gives the step on the bench to a student. */
export function AssignDialog({ opened, onClose }: { opened: boolean; onClose: () => void }) {
  return (
    <FormDialog opened={opened} onClose={onClose} title="Assign this step">
      <Fields onClose={onClose} />
    </FormDialog>
  );
}

interface Values {
  /** Nobody where there is nobody yet. */
  studentId?: number;
  days: Days;
  weekdays: number[];
  minutes: number;
  goalOn: string;
  /** The last tempo of the climb without. */
  goalBpm?: number;
}

function Fields({ onClose }: { onClose: () => void }) {
  const { state, step } = useDraft();
  const { students } = useAround();
  const minuteBounds = useBounds('minutes');
  const bpmBounds = useBounds('bpm');
  const { climb } = useWorked();
  const stepId = state.ids[step.key];
  const assign = useAssign();
  const form = useForm<Values>({
    initialValues: {
      studentId: state.studentId ?? students[0]?.id,
      days: firstDays(),
      weekdays: [],
      minutes: 8,
      goalOn: '',
    },
  });
  const { studentId, days, weekdays, minutes, goalOn, goalBpm } = form.values;
  if (studentId === undefined) {
    return (
      <p style={{ margin: 0 }}>
        There is nobody to give it to yet. <Link to="/students">Add a student</Link> first; the step is saved.
      </p>
    );
  }
  const top = climb?.walk.at(-1)?.bpm;
  const goal = goalOn ? { bpm: goalBpm ?? top ?? step.document.tempo.bpm, date: goalOn } : undefined;
  return (
    <DialogForm
      form={form}
      sending={assign}
      body={() =>
        stepId === undefined
          ? undefined
          : {
              stepId,
              studentId,
              startsOn: days.from,
              endsOn: days.to,
              weekdays,
              minutesADay: minutes,
              start: state.starts[step.key],
              goal,
            }
      }
      onDone={() => {
        const name = students.find((one) => one.id === studentId)?.name ?? 'the student';
        const until = days.to === undefined ? 'until it is learned' : `until ${dayOf(days.to)}`;
        notifications.show({ message: `Assigned to ${name} ${until}.`, color: 'moss' });
        onClose();
      }}
      onClose={onClose}
      leave="Not now"
      go="Assign"
      color="moss"
    >
      <NativeSelect
        label="Student"
        data-autofocus
        value={studentId}
        onChange={(event) => form.setFieldValue('studentId', Number(event.currentTarget.value))}
        data={students.map((one) => ({
          value: String(one.id),
          label: `${one.name}, ${one.instrument.name}`,
        }))}
      />
      <Period days={days} onChange={(now) => form.setFieldValue('days', now)} />
      <Weekdays chosen={weekdays} onChange={(now) => form.setFieldValue('weekdays', now)} />
      <NumberInput
        label="Minutes a day"
        {...minuteBounds}
        value={minutes}
        onChange={(value) => form.setFieldValue('minutes', Number(value) || 1)}
      />
      <Group grow>
        <TextInput
          label="To be met by (if you wish)"
          type="date"
          min={isoDay(1)}
          value={goalOn}
          onChange={(event) => form.setFieldValue('goalOn', event.currentTarget.value)}
        />
        <NumberInput
          label="Tempo to be met, bpm"
          {...bpmBounds}
          decimalScale={1}
          disabled={!goalOn}
          value={goalBpm ?? top ?? ''}
          onChange={(value) => form.setFieldValue('goalBpm', value === '' ? undefined : Number(value))}
        />
      </Group>
      <p style={{ margin: 0, color: 'var(--ink-soft)', fontSize: 15 }}>
        {climb && (
          <>
            The student starts with {climb.walk[0]!.words} and climbs {climb.walk.length}{' '}
            {climb.walk.length === 1 ? 'rung' : 'rungs'} to {climb.walk.at(-1)!.words}:{' '}
            {step.climb.rules.clean} clean in a row for each, {step.climb.rules.rungsADay} rungs a day at
            most.
          </>
        )}
      </p>
    </DialogForm>
  );
}
