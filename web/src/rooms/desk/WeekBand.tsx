import { Link } from 'react-router';
import type { TimetableRow } from '../../api/types';
import { WEEKDAYS, weekdayToday } from '../../ui/words';
import classes from './WeekBand.module.css';

const SHOWN = 4;

/** The lessons of the week, day by day; each leads to its lesson. */
export function WeekBand({ lessons }: { lessons: TimetableRow[] }) {
  if (lessons.length === 0) return null;
  const used = WEEKDAYS.map((name, i) => ({ name, day: i + 1 })).filter(
    ({ day }) => day <= 5 || lessons.some((lesson) => lesson.day === day),
  );
  return (
    <ol className={classes.week} aria-label="Lessons of the week">
      {used.map(({ name, day }) => (
        <Day
          key={day}
          name={name}
          now={day === weekdayToday()}
          lessons={lessons.filter((one) => one.day === day)}
        />
      ))}
    </ol>
  );
}

function Day({ name, now, lessons }: { name: string; now: boolean; lessons: TimetableRow[] }) {
  const more = lessons.length - SHOWN;
  return (
    <li className={classes.day} data-now={now || undefined} data-free={lessons.length === 0 || undefined}>
      <strong>{now ? `${name}, today` : name}</strong>
      {lessons.length === 0 && <p>no lesson</p>}
      {lessons.slice(0, SHOWN).map((lesson) => (
        <Link key={lesson.studentId} to={`/students/${lesson.studentId}/lesson`}>
          <span>{lesson.time?.slice(0, 5) ?? '–'}</span> {lesson.name}
        </Link>
      ))}
      {more > 0 && <p>and {more} more</p>}
    </li>
  );
}
