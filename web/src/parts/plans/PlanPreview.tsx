import type { KeyPlanPreview } from '../../api/types';
import { dayOf } from '../../ui/words';
import { signs } from '../../ui/signs';
import classes from './PlanDialog.module.css';

/** The keys of a round for one student, each with its first day, what it brings and what does not fit. */
export function PlanPreview({ preview, named }: { preview: KeyPlanPreview; named: boolean }) {
  return (
    <article aria-label={preview.name}>
      {named && <h3>{preview.name}</h3>}
      <ol className={classes.round}>
        {preview.round.map((key, i) => (
          <li key={i}>
            <strong>{signs(key.tonic)}</strong>
            <span className={classes.from}>{key.from ? dayOf(key.from) : i === 0 ? '' : 'when learned'}</span>
            <span>
              {key.brings.join(', ')}
              {key.fresh.length > 0 && (
                <span className={classes.fresh}>New for the hand: {key.fresh.join(', ')}</span>
              )}
              {key.leftOut.map((why) => (
                <span key={why} className={classes.unfit}>
                  Left out: {why}
                </span>
              ))}
            </span>
          </li>
        ))}
      </ol>
    </article>
  );
}
