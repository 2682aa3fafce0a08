import { Modal } from '@mantine/core';
import { useLater } from '../../core/useLater';
import { Waiting } from '../../ui/Waiting';
import { Wrong } from '../../ui/Wrong';
import { useAround, useDraft, useWorked } from './BenchContext';
import { ReadFingers } from './ReadFingers';
import { signs } from '../../ui/signs';
import classes from './Bench.module.css';

interface Props {
  opened: boolean;
  onClose: () => void;
}

/** One step for a mixed class: what each student reads and how they finger it, or why it does not fit them. */
export function ClassReadings({ opened, onClose }: Props) {
  const { step } = useDraft();
  const { students, who } = useAround();
  const { passage } = useWorked();
  const { data, error } = useLater(
    'readings',
    { step: step.document, students: who.studio.players, fingers: true },
    opened,
  );
  const concert = passage && `concert ${passage.key.concert}`;
  return (
    <Modal opened={opened} onClose={onClose} title="In everybody’s notes" size={760} centered>
      {concert && (
        <p className={classes.soft}>One step in {concert}, as each of them reads and fingers it.</p>
      )}
      {students.length === 0 && <p className={classes.soft}>There are no students yet.</p>}
      {error && <Wrong error={error} />}
      {!data && !error && students.length > 0 && <Waiting />}
      <ul className={classes.readings}>
        {data?.readings.map((reading) => (
          <li key={reading.studentId} data-fits={reading.refusal == null}>
            <span>
              <strong>{students.find((one) => one.id === reading.studentId)?.name}</strong>
              {reading.instrumentName}
            </span>
            {reading.refusal == null ? (
              <div>
                <span>
                  <strong>{reading.writtenKey}</strong>
                  {signs(reading.lowest ?? '')} to {signs(reading.highest ?? '')}
                </span>
                {reading.fingering && <ReadFingers notes={reading.fingering} hardest={reading.hardest} />}
              </div>
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
