import type { KeyStone } from '../../api/types';
import { dayOf, notes, short } from '../../ui/words';
import classes from './StudentPage.module.css';

const MOST_SLIPS = 4;

/** What has been done in one key, form by form, in sentences with numbers. */
export function KeyForms({ stone }: { stone: KeyStone }) {
  if (stone.forms.length === 0) {
    return <p className={classes.soft}>{notes(stone.tonic)} has not been met yet.</p>;
  }
  return (
    <ul className={classes.forms}>
      {stone.forms.map((form) => (
        <li key={form.key}>
          <h3>{notes(form.key)}</h3>
          <p>
            <strong>{notes(form.sentence)}</strong>
          </p>
          <p className={classes.soft}>
            {form.takes === 0
              ? 'No take yet.'
              : `${form.clean} of ${form.takes} takes clean${form.lastDay ? `, last on ${dayOf(form.lastDay)}` : ''}.`}
            {form.bestBpm != null &&
              ` Best clean ${short(form.bestBpm)} bpm, ${short(form.bestNotesPerSecond ?? 0)} notes a second.`}
          </p>
          {form.slips.length > 0 && (
            <p className={classes.soft}>
              What slips: {notes(form.slips.slice(0, MOST_SLIPS).join(' · ').replaceAll(' in this key', ''))}.
            </p>
          )}
        </li>
      ))}
    </ul>
  );
}
