import type { TodayItem } from '../../../api/types';
import { Engraving } from '../../../notation/Engraving';
import { signs } from '../../../ui/signs';
import { short } from '../../../ui/words';
import { useStand } from '../useStand';
import type { SheetDay } from './days';
import classes from './WeekSheet.module.css';

interface Props {
  item: TodayItem;
  days: SheetDay[];
  counts: boolean;
  /** Tempos from the present one on. */
  rows: number;
}

const LARGEST = 0.62;
const COUNTS = { counts: true, degrees: false };

/** One step of the sheet: what it is, its notes, what to watch, and boxes for the tempos from here on. */
export function SheetItem({ item, days, counts, rows }: Props) {
  const { passage, refused } = useStand(item, undefined);
  const { here, rungs } = item.toPlay;
  const ahead = rungs.slice(here.rung, here.rung + rows);
  return (
    <section className={classes.item}>
      <h2>
        {item.head.key}
        <span>
          {item.head.title} · {here.beside || here.summary}
        </span>
        <em>{item.toPlay.minutes} min</em>
      </h2>
      {refused && <p>{refused.message}</p>}
      {passage && (
        <div className={classes.notes}>
          <Engraving passage={passage} largest={LARGEST} tall words={counts ? COUNTS : undefined} />
        </div>
      )}
      <div className={classes.foot}>
        <p>
          {passage?.landing.sentence}{' '}
          {!passage?.stations &&
            passage?.slips
              .slice(0, 2)
              .map(
                (slip) =>
                  `${slip.when ? `Going ${slip.when}, play` : 'Play'} ${signs(slip.play)}, not ${signs(slip.not)}.`,
              )
              .join(' ')}
        </p>
        <table>
          <thead>
            <tr>
              <th>{item.head.beat} =</th>
              {days.map((day) => (
                <th key={day.day}>{day.short}</th>
              ))}
            </tr>
          </thead>
          <tbody>
            {ahead.map((bpm) => (
              <tr key={bpm}>
                <th>{short(bpm)}</th>
                {days.map((day) => (
                  <td key={day.day}>
                    <i />
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}
