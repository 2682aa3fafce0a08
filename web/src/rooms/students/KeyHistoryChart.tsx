import { line } from 'd3-shape';
import { useHistory } from '../../api/lists';
import type { FormProgress, KeyHistory } from '../../api/types';
import { Picture } from '../../ui/chart/Picture';
import { roundTicks, type Scales } from '../../ui/chart/scales';
import { dayOf, daysBetween, later, short } from '../../ui/words';
import { Waiting } from '../../ui/Waiting';
import { Wrong } from '../../ui/Wrong';
import classes from './KeyHistory.module.css';

const MOST_SLIPS = 5;
const MARGINS = { top: 8, right: 14, bottom: 24, left: 34 };
const SPEED_TICKS = 4;
const TAKE_TICKS = 2;
const WIDEST_BAR = 22;

type Day = KeyHistory['days'][number];

/** Every day from the first to the last, so that a pause is seen. */
function everyDay(days: Day[]): string[] {
  const told = days.map((day) => day.day).sort();
  return Array.from({ length: daysBetween(told[0]!, told.at(-1)!) + 1 }, (_, i) => later(told[0]!, i));
}

/** How it came about in one key: the fastest clean playing day by day, the takes, what slips, and the forecast. */
export function KeyHistoryChart({ studentId, form }: { studentId: number; form: FormProgress }) {
  const history = useHistory(studentId, form.id);
  if (history.isPending) return <Waiting />;
  if (history.isError) return <Wrong error={history.error} again={() => history.refetch()} />;
  const { days, pieces, slips, fresh } = history.data;
  const all = days.length > 0 ? everyDay(days) : [];
  const byDay = new Map(days.map((day) => [day.day, day]));
  const targets = pieces.flatMap((piece) => (piece.target != null ? [piece.target] : []));
  return (
    <section className={classes.history} aria-label={`History of ${form.key}`}>
      {days.length === 0 ? (
        <p className={classes.soft}>No take yet.</p>
      ) : (
        <>
          <p className={classes.label}>
            Clean speed, notes a second{targets.length > 0 && `; the line is the goal, ${short(targets[0]!)}`}
          </p>
          <Picture
            label={`Clean speed in ${form.key}, notes a second`}
            height={150}
            margins={MARGINS}
            days={all}
            ticks={roundTicks(Math.max(...targets, ...days.map((day) => day.best ?? 0)), SPEED_TICKS)}
            name={short}
            grid
            read={(day) => said(byDay.get(day))}
          >
            {(at) => <Speed days={days} targets={targets} at={at} />}
          </Picture>
          <p className={classes.label}>Takes a day: clean, and not clean</p>
          <Picture
            label={`Takes a day in ${form.key}`}
            height={84}
            margins={MARGINS}
            days={all}
            ticks={roundTicks(Math.max(...days.map((day) => day.takes)), TAKE_TICKS).filter(Number.isInteger)}
            name={String}
            read={(day) => said(byDay.get(day))}
          >
            {(at) => <Takes days={days} all={all.length} at={at} />}
          </Picture>
        </>
      )}
      {fresh.length > 0 && (
        <>
          <p className={classes.label}>New for the hand, beside what was given before</p>
          <ul className={classes.pieces}>
            {fresh.map((one) => (
              <li key={one}>{one}</li>
            ))}
          </ul>
        </>
      )}
      {slips.length > 0 && (
        <>
          <p className={classes.label}>What slips</p>
          <ul className={classes.pieces}>
            {slips.slice(0, MOST_SLIPS).map((slip) => (
              <li key={slip}>{slip}</li>
            ))}
          </ul>
        </>
      )}
      {pieces.some((piece) => piece.forecast) && (
        <ul className={classes.pieces}>
          {pieces
            .filter((piece) => piece.forecast)
            .map((piece) => (
              <li key={piece.assignmentId}>
                {piece.title}: {piece.forecast ?? ''}
              </li>
            ))}
        </ul>
      )}
      <table className="visually-hidden">
        <caption>{form.key} day by day</caption>
        <tbody>
          {days.map((day) => (
            <tr key={day.day}>
              <th scope="row">{dayOf(day.day)}</th>
              <td>
                {day.clean} of {day.takes} clean
                {day.best != null && `, ${short(day.best)} notes a second`}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

/** What is known of a day, in words. */
function said(day: Day | undefined): string[] {
  if (!day) return [];
  const takes = `${day.clean} of ${day.takes} clean`;
  return day.best == null ? [takes] : [`${short(day.best)} notes a second`, takes];
}

/** The fastest clean playing day by day, and the goals as lines. */
function Speed({ days, targets, at }: { days: Day[]; targets: number[]; at: Scales }) {
  const played = days.filter((day) => day.best != null).sort((a, b) => a.day.localeCompare(b.day));
  const through = line<Day>()
    .x((day) => at.x(day.day))
    .y((day) => at.y(day.best!));
  return (
    <>
      {targets.map((target, i) => (
        <line
          key={i}
          className={classes.goal}
          x1={MARGINS.left}
          x2={at.width - MARGINS.right}
          y1={at.y(target)}
          y2={at.y(target)}
        />
      ))}
      <path className={classes.speed} d={through(played) ?? undefined} />
      {played.map((day) => (
        <circle key={day.day} className={classes.best} cx={at.x(day.day)} cy={at.y(day.best!)} r={3.5} />
      ))}
    </>
  );
}

/** The takes of each day, those that were clean below the others. */
function Takes({ days, all, at }: { days: Day[]; all: number; at: Scales }) {
  const wide = Math.min(WIDEST_BAR, ((at.width - MARGINS.left - MARGINS.right) / Math.max(1, all)) * 0.8);
  const bar = (day: Day, from: number, to: number, className: string | undefined) => (
    <rect
      className={className}
      x={at.x(day.day) - wide / 2}
      width={wide}
      y={at.y(to)}
      height={Math.max(0, at.y(from) - at.y(to))}
    />
  );
  return days.map((day) => (
    <g key={day.day}>
      {bar(day, 0, day.clean, classes.clean)}
      {bar(day, day.clean, day.takes, classes.other)}
    </g>
  ));
}
