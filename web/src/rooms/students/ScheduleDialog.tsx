import { Button, Checkbox, Group, Modal, NumberInput, TextInput } from '@mantine/core';
import { useState, type FormEvent } from 'react';
import { useReschedule } from '../../api/teacher';
import type { Assignment } from '../../api/types';
import { isoDay, notes } from '../../ui/words';
import { Weekdays } from '../../ui/Weekdays';
import { Wrong } from '../../ui/Wrong';

const TWO_WEEKS = 13;

/** Changes until when, on which days and how long something given is practised; where the student stands stays. */
export function ScheduleDialog({ given, onClose }: { given: Assignment; onClose: () => void }) {
  const [endsOn, setEndsOn] = useState(given.endsOn ?? isoDay(TWO_WEEKS));
  const [untilLearned, setUntilLearned] = useState(!given.endsOn);
  const [weekdays, setWeekdays] = useState(given.weekdays);
  const [minutes, setMinutes] = useState(given.minutesADay);
  const reschedule = useReschedule();
  const submit = (event: FormEvent) => {
    event.preventDefault();
    reschedule.mutate(
      { id: given.id, endsOn: untilLearned ? undefined : endsOn, weekdays, minutesADay: minutes },
      { onSuccess: onClose },
    );
  };
  return (
    <Modal opened onClose={onClose} title={notes(given.title)} centered>
      <form onSubmit={submit} style={{ display: 'grid', gap: 12 }}>
        <Checkbox
          label="Until it is learned"
          checked={untilLearned}
          onChange={(event) => setUntilLearned(event.currentTarget.checked)}
        />
        {!untilLearned && (
          <TextInput
            label="To"
            type="date"
            required
            value={endsOn}
            onChange={(event) => setEndsOn(event.currentTarget.value)}
          />
        )}
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
