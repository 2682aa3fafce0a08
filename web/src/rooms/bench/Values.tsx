import { useBench } from './BenchContext';
import classes from './Controls.module.css';

const SIGNS: Record<string, string> = {
  '1': '1',
  '1/2': '½',
  '1/4': '¼',
  '1/8': '⅛',
  '1/12': '3',
  '1/16': '16',
};

/** The note values, longest first. */
export function Values() {
  const { state, dispatch, catalogue } = useBench();
  const now = state.document.rhythm.figure[0];
  const name = catalogue.values.find((choice) => choice.value === now)?.plural;
  return (
    <div className={classes.values} role="group" aria-label="Note values">
      {catalogue.values.map((choice) => (
        <button
          key={choice.value}
          type="button"
          aria-pressed={choice.value === now}
          aria-label={choice.plural}
          title={choice.plural}
          onClick={() => dispatch({ type: 'rhythm', change: { figure: [choice.value] } })}
        >
          {SIGNS[choice.value] ?? choice.value}
        </button>
      ))}
      <span>{name}</span>
    </div>
  );
}
