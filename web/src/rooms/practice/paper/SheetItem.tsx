import type { TodayItem } from '../../../api/types';
import { PaperNotes, watched } from '../../../parts/paper/PaperStep';
import type { PaperWords } from '../../../parts/paper/words';
import { short } from '../../../ui/words';
import { useStand } from '../useStand';
import type { SheetDay } from './days';
import classes from '../../../parts/paper/Paper.module.css';

interface Props {
  item: TodayItem;
  days: SheetDay[];
  words: PaperWords;
  /** Whether many share the page: fewer tempos, smaller notes. */
  many: boolean;
}

/** Tempos from the present one on. */
const TEMPOS = 4;
const FEW_TEMPOS = 2;

/** One step of the sheet: what it is, its notes, what to watch, and boxes for the tempos from here on. */
export function SheetItem({ item, days, words, many }: Props) {
  const { passage, refused } = useStand(item, undefined);
  const { here, rungs } = item.toPlay;
  const ahead = rungs.slice(here.rung, here.rung + (many ? FEW_TEMPOS : TEMPOS));
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
      {passage && <PaperNotes passage={passage} words={words} small={many} />}
      <div className={classes.foot}>
        <p>{passage && watched(passage)}</p>
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
