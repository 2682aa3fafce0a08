import { Modal } from '@mantine/core';
import { Link } from 'react-router';
import { KeyList, type KeyLine } from './KeyList';
import classes from './ShortcutSheet.module.css';

const SHEET: [string, KeyLine[]][] = [
  [
    'Everywhere',
    [
      [['?'], 'this sheet'],
      [['space'], 'start and stop the sound'],
    ],
  ],
  [
    'At the bench',
    [
      [['←', '→'], 'move the place by one click'],
      [['↑', '↓'], 'tempo by one beat a minute'],
      [['L'], 'land: the least change that arrives'],
      [['D'], 'strike the turning note once or twice'],
      [['[', ']'], 'longer or shorter values'],
      [['F', 'Ctrl K'], 'find a form, a pattern or a routine'],
      [['G'], 'turn from the notes to the climb, and back'],
      [['C'], 'copy the step'],
      [['Page ↑', 'Page ↓'], 'the step before, the next step'],
      [['Ctrl Z', 'Ctrl Y'], 'undo, redo'],
      [['S'], 'save at once'],
      [['A'], 'assign'],
    ],
  ],
  [
    'In the practice room',
    [
      [['1', '2', '3'], 'clean, slips, stopped'],
      [['←', '→'], 'back and forward, also by a pedal'],
      [['N', 'P'], 'the next step, the one before'],
      [['S'], 'how it sounds'],
    ],
  ],
];

export function ShortcutSheet({ opened, onClose }: { opened: boolean; onClose: () => void }) {
  return (
    <Modal opened={opened} onClose={onClose} title="Keys" centered>
      {SHEET.map(([place, keys]) => (
        <section key={place} className={classes.part}>
          <h3>{place}</h3>
          <KeyList lines={keys} />
        </section>
      ))}
      <p className={classes.more}>
        <Link to="/sound-check" onClick={onClose}>
          Sound check
        </Link>
        : how exact the clicks are on this machine.
      </p>
    </Modal>
  );
}
