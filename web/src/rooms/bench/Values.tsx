import { useValueName } from '../../ui/useValueName';
import { useAround, useDraft } from './BenchContext';
import classes from './Controls.module.css';

const SIGNS: Record<string, string> = {
  '1': '1',
  '1/2': '½',
  '1/4': '¼',
  '1/8': '⅛',
  '1/12': '3',
  '1/16': '16',
  '1/20': '5',
  '1/24': '6',
  '1/32': '32',
};

/** The even note values, longest first. */
export function Values() {
  const { step, dispatch } = useDraft();
  const { catalogue } = useAround();
  const nameOf = useValueName();
  const { figure } = step.document.rhythm;
  const now = figure.length === 1 ? figure[0] : undefined;
  return (
    <div className={classes.values} role="group" aria-label="Note values">
      {catalogue.values.map((choice) => {
        const name = nameOf(choice);
        return (
          <button
            key={choice.value}
            type="button"
            aria-pressed={choice.value === now}
            aria-label={name}
            title={name}
            onClick={() => dispatch({ type: 'rhythm', change: { figure: [choice.value] } })}
          >
            {SIGNS[choice.value] ?? choice.value}
          </button>
        );
      })}
    </div>
  );
}
