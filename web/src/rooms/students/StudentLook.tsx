import type { KeyGrid, Student } from '../../api/types';
import { lastTakeSaid } from '../../parts/works/lastTake';
import { Stone } from '../../ui/Stone';
import { WEEKDAYS } from '../../ui/words';
import { keySaid, toneOf } from './stoneTone';
import { signs } from '../../ui/signs';
import classes from './StudentLook.module.css';

interface Props {
  student: Student;
  grid: KeyGrid;
}

const WIDTH = 34;
const HEIGHT = 21;

/** A student in one look: the keys that they have met as small stones, their last take, and when they come. */
export function StudentLook({ student, grid }: Props) {
  const line = grid.items.find((one) => one.studentId === student.id);
  if (!line) return null;
  const met = line.cells.flatMap((cell, i) => (cell.forms > 0 ? [{ key: grid.keys[i]!, cell }] : []));
  const { day, time } = student.lesson;
  return (
    <div className={classes.look}>
      <ul aria-label={`Keys of ${student.name}`}>
        {met.map(({ key, cell }) => (
          <li key={key} title={cell.sentences.join('\n')}>
            <svg width={WIDTH} height={HEIGHT} aria-hidden="true">
              <Stone
                seed={`${line.name} ${key}`}
                width={WIDTH - 4}
                height={HEIGHT - 3}
                tone={toneOf(cell, grid.mostRings)}
                rings={cell.rings}
                x={WIDTH / 2}
                y={HEIGHT / 2}
              />
            </svg>
            <span>{signs(key)}</span>
            <span className="visually-hidden">, {keySaid(cell, grid.mostRings)}</span>
          </li>
        ))}
        {met.length === 0 && <li className={classes.none}>no key yet</li>}
      </ul>
      <p>
        Last take {lastTakeSaid(line.last)}
        <span>
          {day == null ? 'no lesson set' : `${WEEKDAYS[day - 1]}${time ? `, ${time.slice(0, 5)}` : ''}`}
        </span>
      </p>
    </div>
  );
}
