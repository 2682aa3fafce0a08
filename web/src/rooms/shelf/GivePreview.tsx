import type { GroupPreview } from '../../api/types';
import { notes } from '../../ui/words';
import classes from './Shelf.module.css';

/** What one student will see of a routine: each step in their key, and the rung they are likely on week by week. */
export function GivePreview({ preview }: { preview: GroupPreview }) {
  return (
    <article aria-label={preview.name}>
      <h3>{preview.name}</h3>
      <ul>
        {preview.steps.map((step, i) => (
          <li key={i}>
            {step.refusal ? (
              <span className={classes.unfit}>
                {notes(step.title)} is left out: {notes(step.refusal)}
              </span>
            ) : (
              <>
                <strong>{notes(step.key ?? '')}</strong>, {notes(step.summary ?? '')}
                <br />
                {step.weeks.map((week, at) => `week ${at + 1}: ${notes(week)}`).join(' · ')}
              </>
            )}
          </li>
        ))}
      </ul>
    </article>
  );
}
