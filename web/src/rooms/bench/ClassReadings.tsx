import { Modal } from '@mantine/core';
import { useReadings } from '../../api/passages';
import { Waiting } from '../../ui/Waiting';
import { Wrong } from '../../ui/Wrong';
import { notes } from '../../ui/words';
import { useAround, useDraft, useWorked } from './BenchContext';
import classes from './Bench.module.css';

interface Props {
  opened: boolean;
  onClose: () => void;
}

/** One step for a mixed class: what each student reads, or why it does not fit them. */
export function ClassReadings({ opened, onClose }: Props) {
  const { step } = useDraft();
  const { students } = useAround();
  const { passage } = useWorked();
  const readings = useReadings(
    step.document,
    students.map((one) => one.id),
    opened,
  );
  const concert = passage && `concert ${notes(passage.key.concert)}`;
  return (
    <Modal opened={opened} onClose={onClose} title="In everybody’s notes" size={640} centered>
      {concert && <p className={classes.soft}>One step in {concert}, as each of them reads it.</p>}
      {students.length === 0 && <p className={classes.soft}>There are no students yet.</p>}
      {readings.isLoading && <Waiting />}
      {readings.isError && <Wrong error={readings.error} />}
      <ul className={classes.readings}>
        {readings.data?.map((reading) => (
          <li key={reading.studentId} data-fits={reading.refusal == null}>
            <span>
              <strong>{students.find((one) => one.id === reading.studentId)?.name}</strong>
              {reading.instrumentName}
            </span>
            {reading.refusal == null ? (
              <span>
                <strong>{notes(reading.writtenKey ?? '')}</strong>
                {notes(`${reading.lowest} to ${reading.highest}`)}
              </span>
            ) : (
              <span>
                {notes(reading.refusal)} {reading.fits && notes(reading.fits)}
              </span>
            )}
          </li>
        ))}
      </ul>
    </Modal>
  );
}
