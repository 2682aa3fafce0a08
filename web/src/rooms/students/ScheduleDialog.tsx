import { useBounds } from '../../core/useBounds';
import { NumberInput } from '@mantine/core';
import { useForm } from '@mantine/form';
import { useReschedule } from '../../api/assignments';
import type { Assignment } from '../../api/types';
import { DialogForm, FormDialog } from '../../ui/FormDialog';
import { Period, type Days } from '../../ui/Period';
import { Weekdays } from '../../ui/Weekdays';

interface Values {
  days: Days;
  weekdays: number[];
  minutesADay: number;
}

/** Changes until when, on which days and how long something given is practised; where the student stands stays. */
export function ScheduleDialog({ given, onClose }: { given: Assignment; onClose: () => void }) {
  const reschedule = useReschedule();
  const form = useForm<Values>({
    initialValues: {
      days: { from: given.startsOn, to: given.endsOn ?? undefined },
      weekdays: given.weekdays,
      minutesADay: given.minutesADay,
    },
  });
  return (
    <FormDialog onClose={onClose} title={given.title}>
      <DialogForm
        form={form}
        sending={reschedule}
        body={({ days, weekdays, minutesADay }) => ({ id: given.id, endsOn: days.to, weekdays, minutesADay })}
        onDone={onClose}
        onClose={onClose}
        leave="Leave it"
        go="Change it"
        color="moss"
      >
        <Period begun days={form.values.days} onChange={(days) => form.setFieldValue('days', days)} />
        <Weekdays
          chosen={form.values.weekdays}
          onChange={(weekdays) => form.setFieldValue('weekdays', weekdays)}
        />
        <NumberInput
          label="Minutes a day"
          {...useBounds('minutes')}
          value={form.values.minutesADay}
          onChange={(value) => form.setFieldValue('minutesADay', Number(value) || 1)}
        />
        <p style={{ margin: 0 }}>The rung, the takes and the forecast stay as they are.</p>
      </DialogForm>
    </FormDialog>
  );
}
