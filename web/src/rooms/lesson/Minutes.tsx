import type { DayMinutes } from '../../api/types';
import { dayLetter, dayOf } from '../../ui/words';
import classes from './Minutes.module.css';

const HEIGHT = 54;

/** Minutes day by day as pebbles piled up: how high says how long; the line is what was planned. */
export function Minutes({ days, planned }: { days: DayMinutes[]; planned?: number }) {
  const most = Math.max(planned ?? 0, ...days.map((day) => day.minutes), 10);
  return (
    <ol className={classes.days} aria-label="Minutes by day">
      {days.map((day) => (
        <li key={day.day} title={`${dayOf(day.day)}: ${day.minutes} minutes`}>
          <span className={classes.number}>{day.minutes > 0 ? day.minutes : ''}</span>
          <span className={classes.pile} style={{ height: HEIGHT }}>
            {planned !== undefined && (
              <span className={classes.planned} style={{ bottom: (planned / most) * HEIGHT }} />
            )}
            <span className={classes.bar} style={{ height: Math.max((day.minutes / most) * HEIGHT, 2) }} />
          </span>
          <span className={classes.day}>{dayLetter(day.day)}</span>
        </li>
      ))}
    </ol>
  );
}
