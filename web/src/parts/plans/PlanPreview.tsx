import type { KeyPlanPreview } from '../../api/types';
import { dayOf, notes } from '../../ui/words';
import classes from './PlanDialog.module.css';

/** The keys of a round for one student, each with its first day, what it brings and what does not fit. */
export function PlanPreview({ preview, named }: { preview: KeyPlanPreview; named: boolean }) {
  return (
    <article aria-label={preview.name}>
      {named && <h3>{preview.name}</h3>}
      <ol className={classes.round}>
        {preview.round.map((key, i) => (
          <li key={i}>
            <strong>{notes(key.tonic)}</strong>
            <span className={classes.from}>{key.from ? dayOf(key.from) : i === 0 ? '' : 'when learned'}</span>
            <span>
              {notes(key.brings.join(', '))}
              {key.leftOut.map((why) => (
                <span key={why} className={classes.unfit}>
                  Left out: {notes(why)}
                </span>
              ))}
            </span>
          </li>
        ))}
      </ol>
    </article>
  );
}
