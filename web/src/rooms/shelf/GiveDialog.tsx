import { useBounds } from '../../core/useBounds';
import { NumberInput } from '@mantine/core';
import { useForm } from '@mantine/form';
import { notifications } from '@mantine/notifications';
import { useGivePreview, useGiveRoutine } from '../../api/groups';
import type { GroupRequest, RoutineRow } from '../../api/types';
import { DialogForm, FormDialog } from '../../ui/FormDialog';
import { firstDays, Period } from '../../ui/Period';
import { StudentPicker } from '../../ui/StudentPicker';
import { Weekdays } from '../../ui/Weekdays';
import { Wrong } from '../../ui/Wrong';
import { GivePreview } from './GivePreview';
import classes from './Shelf.module.css';

type Starts = NonNullable<GroupRequest['starts']>;

interface Props {
  routine: RoutineRow;
  onClose: () => void;
}

/** Gives a routine to one student, several, or all, each on their own instrument. */
export function GiveDialog({ routine, onClose }: Props) {
  return (
    <FormDialog onClose={onClose} title={`Give “${routine.title}”`} size="xl">
      <Fields routine={routine} onClose={onClose} />
    </FormDialog>
  );
}

function Fields({ routine, onClose }: Props) {
  const form = useForm({
    initialValues: {
      chosen: [] as number[],
      days: firstDays(),
      weekdays: [] as number[],
      minutes: 8,
      starts: [] as Starts,
    },
  });
  const { chosen, days, weekdays, minutes, starts } = form.values;
  const asked: GroupRequest = {
    routineId: routine.id,
    studentIds: chosen,
    startsOn: days.from,
    endsOn: days.to,
    weekdays,
    minutesADay: minutes,
    starts,
  };
  const preview = useGivePreview(asked);
  const give = useGiveRoutine();
  return (
    <DialogForm
      form={form}
      sending={give}
      body={() => (chosen.length > 0 ? asked : undefined)}
      onDone={(given) => {
        const steps = given.reduce((sum, one) => sum + one.given, 0);
        notifications.show({
          message: `${steps} ${steps === 1 ? 'step' : 'steps'} given to ${given.length} ${given.length === 1 ? 'student' : 'students'}.`,
          color: 'moss',
        });
        onClose();
      }}
      onClose={onClose}
      leave="Not now"
      go="Give it"
      color="moss"
      ready={chosen.length > 0}
      className={classes.give}
      footClassName={classes.giveFoot}
    >
      <div>
        <StudentPicker chosen={chosen} onChange={(ids) => form.setFieldValue('chosen', ids)} />
        <p className={classes.giveLabel}>When</p>
        <Period days={days} onChange={(now) => form.setFieldValue('days', now)} />
        <div className={classes.giveDays}>
          <Weekdays chosen={weekdays} onChange={(now) => form.setFieldValue('weekdays', now)} />
        </div>
        <NumberInput
          mt="sm"
          label="Minutes a day for each step"
          {...useBounds('minutes')}
          value={minutes}
          onChange={(value) => form.setFieldValue('minutes', Number(value) || 1)}
        />
      </div>
      <section aria-label="What they will see" className={classes.will}>
        {chosen.length === 0 ? (
          <p>Choose who gets it: what each of them will see stands here, week by week.</p>
        ) : preview.isError ? (
          <Wrong error={preview.error} />
        ) : (
          preview.data?.students.map((one) => (
            <GivePreview
              key={one.studentId}
              preview={one}
              steps={preview.data.steps}
              starts={starts}
              onStart={(stepId, at) =>
                form.setFieldValue('starts', (now) => [
                  ...now.filter((start) => start.studentId !== one.studentId || start.stepId !== stepId),
                  ...(at ? [{ studentId: one.studentId, stepId, at }] : []),
                ])
              }
            />
          ))
        )}
      </section>
    </DialogForm>
  );
}
