import type { Fingers, HandPart } from '../../../api/types';
import classes from './HandPanel.module.css';

interface Props {
  schools: Fingers['schools'];
  onChoose: (hand: HandPart) => void;
}

/** The schools side by side: what a second of the line costs in each, and where it is hardest. */
export function SchoolRows({ schools, onChoose }: Props) {
  return (
    <table className={classes.schools}>
      <thead>
        <tr>
          <th scope="col">The hand goes about</th>
          <th scope="col" title="1 is a usual move five times a second">
            effort
          </th>
          <th scope="col">hardest</th>
        </tr>
      </thead>
      <tbody>
        {schools.map((one) => (
          <tr key={one.school} data-asked={one.asked || undefined}>
            <td>
              <button
                type="button"
                aria-pressed={one.asked}
                onClick={() => onChoose(one.hand ?? { school: one.school })}
              >
                {one.words}
              </button>
            </td>
            <td>{one.misfit ? '–' : one.effort.toFixed(2)}</td>
            <td>{one.misfit ?? one.hardest ?? 'nothing'}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
