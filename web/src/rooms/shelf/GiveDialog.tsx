import { Button, Group, Modal, NumberInput } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import { useState, type FormEvent } from 'react';
import { useGivePreview, useGiveRoutine } from '../../api/groups';
import type { GroupRequest, RoutineRow } from '../../api/types';
import { firstDays, Period } from '../../ui/Period';
import { StudentPicker } from '../../ui/StudentPicker';
import { notes } from '../../ui/words';
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
    <Modal opened onClose={onClose} title={`Give “${notes(routine.title)}”`} centered size="xl">
      <Fields routine={routine} onClose={onClose} />
    </Modal>
  );
}

function Fields({ routine, onClose }: Props) {
  const [chosen, setChosen] = useState<number[]>([]);
  const [days, setDays] = useState(firstDays);
  const [weekdays, setWeekdays] = useState<number[]>([]);
  const [minutes, setMinutes] = useState(8);
  const [starts, setStarts] = useState<Starts>([]);
  const form: GroupRequest = {
    routineId: routine.id,
    studentIds: chosen,
    startsOn: days.from,
    endsOn: days.to,
    weekdays,
    minutesADay: minutes,
    starts,
  };
  const preview = useGivePreview(form);
  const give = useGiveRoutine();
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (chosen.length === 0) return;
    give.mutate(form, {
      onSuccess: (given) => {
        const steps = given.reduce((sum, one) => sum + one.given, 0);
        notifications.show({
          message: `${steps} ${steps === 1 ? 'step' : 'steps'} given to ${given.length} ${given.length === 1 ? 'student' : 'students'}.`,
          color: 'moss',
        });
        onClose();
      },
    });
  };
  return (
    <form onSubmit={submit} className={classes.give}>
      <div>
        <StudentPicker chosen={chosen} onChange={setChosen} />
        <p className={classes.giveLabel}>When</p>
        <Period days={days} onChange={setDays} />
        <div className={classes.giveDays}>
          <Weekdays chosen={weekdays} onChange={setWeekdays} />
        </div>
        <NumberInput
          mt="sm"
          label="Minutes a day for each step"
          min={1}
          max={180}
          value={minutes}
          onChange={(value) => setMinutes(Number(value) || 1)}
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
                setStarts((now) => [
                  ...now.filter((start) => start.studentId !== one.studentId || start.stepId !== stepId),
                  ...(at ? [{ studentId: one.studentId, stepId, at }] : []),
                ])
              }
            />
          ))
        )}
      </section>
      {give.isError && <Wrong error={give.error} />}
      <Group justify="flex-end" className={classes.giveFoot}>
        <Button variant="default" onClick={onClose}>
          Not now
        </Button>
        <Button type="submit" color="moss" loading={give.isPending} disabled={chosen.length === 0}>
          Give it
        </Button>
      </Group>
    </form>
  );
}
