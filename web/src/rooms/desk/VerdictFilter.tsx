import type { DeskLine } from '../../api/types';
import { WORDS } from './DeskStudent';
import classes from './Desk.module.css';

interface Props {
  lines: DeskLine[];
  only: string | undefined;
  onOnly: (only: string | undefined) => void;
}

/** Shows work of one verdict alone; those that need the teacher most stand first. */
export function VerdictFilter({ lines, only, onOnly }: Props) {
  const counts = new Map<string, number>();
  for (const { kind } of lines.flatMap((line) => line.works)) counts.set(kind, (counts.get(kind) ?? 0) + 1);
  const kinds = Object.keys(ORDER).filter((kind) => counts.has(kind));
  if (kinds.length < 2) return null;
  return (
    <div className={classes.filter} role="group" aria-label="Show">
      <button type="button" aria-pressed={only === undefined} onClick={() => onOnly(undefined)}>
        everything
      </button>
      {kinds.map((kind) => (
        <button
          key={kind}
          type="button"
          aria-pressed={only === kind}
          onClick={() => onOnly(only === kind ? undefined : kind)}
        >
          {WORDS[kind]} {counts.get(kind)}
        </button>
      ))}
    </div>
  );
}

const ORDER = {
  stuck: 0,
  slipping: 0,
  quiet: 0,
  behind: 0,
  back: 0,
  misses: 0,
  pick: 0,
  ready: 0,
  new: 0,
  waits: 0,
  hold: 0,
  on_course: 0,
  reached: 0,
};
