import { usePlacing } from './BenchContext';
import classes from './Bench.module.css';

const SIDES = [
  { value: 'notes', label: 'Notes' },
  { value: 'climb', label: 'Climb' },
] as const;

/** Turns from the notes to how they grow, and back. */
export function SideSwitch() {
  const { side, setSide } = usePlacing();
  return (
    <span className={classes.sides} role="group" aria-label="Side of the step">
      {SIDES.map((one) => (
        <button
          key={one.value}
          type="button"
          aria-pressed={side === one.value}
          title="G turns from one to the other"
          onClick={() => setSide(one.value)}
        >
          {one.label}
        </button>
      ))}
    </span>
  );
}
