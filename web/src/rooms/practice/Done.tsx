import type { Today } from '../../api/types';
import { Stone } from '../../ui/Stone';
import { notes } from '../../ui/words';
import classes from './Practice.module.css';

/** The end of the day's list: what was done and where it stands. */
export function Done({ today, waiting, onBack }: { today: Today; waiting: number; onBack: () => void }) {
  const takes = today.items.reduce((sum, item) => sum + item.takesToday, 0);
  return (
    <main className={classes.done}>
      <h1>{takes > 0 ? 'Done for today' : 'Nothing played yet'}</h1>
      <p>
        {takes} {takes === 1 ? 'take' : 'takes'} today{waiting > 0 ? `, ${waiting} still to be sent` : ''}.
      </p>
      <ul>
        {today.items.map((item) => (
          <li key={item.assignmentId}>
            <svg width="46" height="32" aria-hidden="true">
              <Stone
                seed={item.title}
                width={42}
                height={26}
                tone={item.takesToday > 0 ? 'moss' : 'sand'}
                rings={Math.min(4, item.takesToday)}
                x={23}
                y={16}
              />
            </svg>
            <span>
              <strong>
                {notes(item.key)} · {item.takesToday} {item.takesToday === 1 ? 'take' : 'takes'}
              </strong>
              <br />
              {notes(item.sentence)}
            </span>
          </li>
        ))}
      </ul>
      <button type="button" className={classes.next} onClick={onBack}>
        Back to the first
      </button>
    </main>
  );
}
