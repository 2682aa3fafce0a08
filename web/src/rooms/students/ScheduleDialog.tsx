import { Button, Group, Modal, NumberInput } from '@mantine/core';
import { useState, type FormEvent } from 'react';
import { useReschedule } from '../../api/assignments';
import type { Assignment } from '../../api/types';
import { Period, type Days } from '../../ui/Period';
import { notes } from '../../ui/words';
import { Weekdays } from '../../ui/Weekdays';
import { Wrong } from '../../ui/Wrong';

/** Changes until when, on which days and how long something given is practised; where the student stands stays. */
export function ScheduleDialog({ given, onClose }: { given: Assignment; onClose: () => void }) {
  const [days, setDays] = useState<Days>({ from: given.startsOn, to: given.endsOn ?? undefined });
  const [weekdays, setWeekdays] = useState(given.weekdays);
  const [minutes, setMinutes] = useState(given.minutesADay);
  const reschedule = useReschedule();
  const submit = (event: FormEvent) => {
    event.preventDefault();
    reschedule.mutate(
      { id: given.id, endsOn: days.to, weekdays, minutesADay: minutes },
      { onSuccess: onClose },
    );
  };
  return (
    <Modal opened onClose={onClose} title={notes(given.title)} centered>
      <form onSubmit={submit} style={{ display: 'grid', gap: 12 }}>
        <Period begun days={days} onChange={setDays} />
        <Weekdays chosen={weekdays} onChange={setWeekdays} />
        <NumberInput
          label="Minutes a day"
          min={1}
          max={180}
          value={minutes}
          onChange={(value) => setMinutes(Number(value) || 1)}
        />
        <p style={{ margin: 0 }}>The rung, the takes and the forecast stay as they are.</p>
        {reschedule.isError && <Wrong error={reschedule.error} />}
        <Group justify="flex-end">
          <Button variant="default" onClick={onClose}>
            Leave it
          </Button>
          <Button type="submit" color="moss" loading={reschedule.isPending}>
            Change it
          </Button>
        </Group>
      </form>
    </Modal>
  );
}
