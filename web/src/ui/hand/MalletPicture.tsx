import { Stone } from '../Stone';
import classes from './hand.module.css';

/** A mallet in the right or the left hand. */
export function MalletPicture({ right }: { right: boolean }) {
  const lean = right ? 1 : -1;
  return (
    <svg viewBox="0 0 90 104" width={90} height={104} aria-hidden="true">
      <line x1={45 + 26 * lean} y1="98" x2={45 - 8 * lean} y2="32" className={classes.stick} />
      <Stone seed={right ? 'right' : 'left'} width={42} height={38} tone="ink" x={45 - 10 * lean} y={26} />
      <text x={45 - 10 * lean} y="31" className={classes.finger}>
        {right ? 'R' : 'L'}
      </text>
    </svg>
  );
}
