import { useDraft } from './BenchContext';
import type { SaveState } from './useAutosave';
import classes from './Bench.module.css';

const SAID: Record<SaveState, string> = {
  saved: 'Saved',
  changed: 'Changed',
  saving: 'Saving …',
  cannot: 'Not saved yet',
  held: 'Kept on this device',
  failed: 'Not saved',
  conflict: 'Not saved',
};

/** Whether the routine is kept, always in sight. */
export function SaveNote() {
  const { state, saving } = useDraft();
  const blank = state.id === undefined && saving.state === 'saved';
  return (
    <span className={classes.saveNote} data-state={saving.state} role="status">
      {blank ? '' : SAID[saving.state]}
    </span>
  );
}
