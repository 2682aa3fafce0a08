import { Modal } from '@mantine/core';
import { useMemo } from 'react';
import { tried } from '../../core/answers';
import { Wrong } from '../../ui/Wrong';
import { useAround, useDraft, useWorked } from './BenchContext';
import { signs } from '../../ui/signs';
import classes from './Bench.module.css';

interface Props {
  opened: boolean;
  onClose: () => void;
}

/** One step for a mixed class: what each student reads, or why it does not fit them. */
export function ClassReadings({ opened, onClose }: Props) {
  const { step } = useDraft();
  const { students, who } = useAround();
  const { passage } = useWorked();
  const readings = useMemo(
    () => (opened ? tried('readings', { step: step.document, students: who.studio.players }) : undefined),
    [opened, step.document, who.studio],
  );
  const concert = passage && `concert ${passage.key.concert}`;
  return (
    <Modal opened={opened} onClose={onClose} title="In everybody’s notes" size={640} centered>
      {concert && <p className={classes.soft}>One step in {concert}, as each of them reads it.</p>}
      {students.length === 0 && <p className={classes.soft}>There are no students yet.</p>}
      {readings?.refused && <Wrong error={readings.refused} />}
      <ul className={classes.readings}>
        {readings?.answer?.readings.map((reading) => (
          <li key={reading.studentId} data-fits={reading.refusal == null}>
            <span>
              <strong>{students.find((one) => one.id === reading.studentId)?.name}</strong>
              {reading.instrumentName}
            </span>
            {reading.refusal == null ? (
              <span>
                <strong>{reading.writtenKey}</strong>
                {signs(reading.lowest ?? '')} to {signs(reading.highest ?? '')}
              </span>
            ) : (
              <span>
                {reading.refusal} {reading.fits}
              </span>
            )}
          </li>
        ))}
      </ul>
    </Modal>
  );
}
