import type { DeskPage, Verdict } from '../../api/types';
import { WORDS } from '../../parts/works/verdicts';
import classes from './Desk.module.css';

interface Props {
  counts: DeskPage['counts'];
  only: Verdict | undefined;
  onOnly: (only: Verdict | undefined) => void;
}

/** Shows work of one verdict alone, of the whole studio; those that need the teacher most stand first. */
export function VerdictFilter({ counts, only, onOnly }: Props) {
  if (counts.length < 2) return null;
  return (
    <div className={classes.filter} role="group" aria-label="Show">
      <button type="button" aria-pressed={only === undefined} onClick={() => onOnly(undefined)}>
        everything
      </button>
      {counts.map(({ kind, students }) => (
        <button
          key={kind}
          type="button"
          aria-pressed={only === kind}
          title={`${students} ${students === 1 ? 'student' : 'students'}`}
          onClick={() => onOnly(only === kind ? undefined : kind)}
        >
          {WORDS[kind]} {students}
        </button>
      ))}
    </div>
  );
}
