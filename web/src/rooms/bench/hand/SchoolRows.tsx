import type { Fingers, HandPart } from '../../../api/types';
import classes from './HandPanel.module.css';

interface Props {
  schools: Fingers['schools'];
  onChoose: (hand: HandPart) => void;
}

/** The schools side by side: what a second of the line costs in each, or why it cannot be played so. */
export function SchoolRows({ schools, onChoose }: Props) {
  return (
    <table className={classes.schools}>
      <thead>
        <tr>
          <th scope="col">The hand goes about</th>
          <th scope="col">moves a second</th>
        </tr>
      </thead>
      <tbody>
        {schools.map((one) => (
          <tr key={one.school} data-asked={one.asked || undefined}>
            <td>
              <button
                type="button"
                aria-pressed={one.asked}
                title={one.hardest && `Hardest: ${one.hardest}`}
                onClick={() => onChoose(one.hand ?? { school: one.school })}
              >
                {one.words}
              </button>
              {one.misfit && !one.asked && <small>{one.misfit}</small>}
            </td>
            <td>{one.misfit ? '–' : one.effort.toFixed(2)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
