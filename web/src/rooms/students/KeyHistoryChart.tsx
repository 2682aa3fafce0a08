import { BarChart, LineChart } from '@mantine/charts';
import '@mantine/charts/styles.css';
import { useHistory } from '../../api/lists';
import type { KeyHistory } from '../../api/types';
import { dayOf, notes, short } from '../../ui/words';
import { Waiting } from '../../ui/Waiting';
import { Wrong } from '../../ui/Wrong';
import classes from './KeyHistory.module.css';

const MOST_SLIPS = 5;

/** One point for each day, with the days between left open, so that a pause is seen. */
function points(history: KeyHistory) {
  const best = new Map(history.days.map((day) => [day.daysAgo, day]));
  const first = Math.max(...history.days.map((day) => day.daysAgo));
  const last = Math.min(...history.days.map((day) => day.daysAgo));
  return Array.from({ length: first - last + 1 }, (_, i) => {
    const daysAgo = first - i;
    const day = best.get(daysAgo);
    const date = new Date();
    date.setDate(date.getDate() - daysAgo);
    return {
      day: date.toLocaleDateString('en-GB', { day: 'numeric', month: 'short' }),
      best: day?.best ?? null,
      clean: day?.clean ?? 0,
      other: day ? day.takes - day.clean : 0,
    };
  });
}

/** How it came about in one key: the fastest clean playing day by day, the takes, what slips, and the forecast. */
export function KeyHistoryChart({ studentId, form }: { studentId: number; form: string }) {
  const history = useHistory(studentId, form);
  if (history.isPending) return <Waiting />;
  if (history.isError) return <Wrong error={history.error} again={() => history.refetch()} />;
  const { days, pieces, slips } = history.data;
  const targets = pieces.flatMap((piece) => (piece.target != null ? [piece.target] : []));
  return (
    <section className={classes.history} aria-label={`History of ${notes(form)}`}>
      {days.length === 0 ? (
        <p className={classes.soft}>No take yet.</p>
      ) : (
        <>
          <p className={classes.label}>
            Clean speed, notes a second{targets.length > 0 && `; the line is the goal, ${short(targets[0]!)}`}
          </p>
          <LineChart
            h={150}
            data={points(history.data)}
            dataKey="day"
            withLegend={false}
            connectNulls
            curveType="linear"
            gridAxis="x"
            strokeWidth={2}
            yAxisProps={{ width: 34, domain: [0, 'auto'], tickFormatter: short }}
            xAxisProps={{ minTickGap: 40 }}
            referenceLines={targets.map((y) => ({ y, color: 'clay.6' }))}
            valueFormatter={(value) => `${short(value)} notes a second`}
            series={[{ name: 'best', label: 'clean', color: 'river.6' }]}
          />
          <p className={classes.label}>Takes a day: clean, and not clean</p>
          <BarChart
            h={84}
            data={points(history.data)}
            dataKey="day"
            type="stacked"
            withLegend={false}
            gridAxis="none"
            yAxisProps={{ width: 34, allowDecimals: false }}
            xAxisProps={{ minTickGap: 40 }}
            series={[
              { name: 'clean', label: 'clean', color: 'moss.5' },
              { name: 'other', label: 'not clean', color: 'clay.3' },
            ]}
          />
        </>
      )}
      {slips.length > 0 && (
        <>
          <p className={classes.label}>What slips</p>
          <ul className={classes.pieces}>
            {slips.slice(0, MOST_SLIPS).map((slip) => (
              <li key={slip}>{notes(slip)}</li>
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
                {notes(piece.title)}: {notes(piece.forecast ?? '')}
              </li>
            ))}
        </ul>
      )}
      <table className="visually-hidden">
        <caption>{notes(form)} day by day</caption>
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
