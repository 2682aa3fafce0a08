import type { Slip } from '../../api/types';
import { signs } from '../../ui/signs';
import classes from './Music.module.css';

/** The likely slips of the key: play this, not that. */
export function SlipsHint({ slips }: { slips: Slip[] }) {
  return (
    <p className={classes.slips}>
      {slips.map((slip) => (
        <span key={`${slip.play}${slip.not}${slip.when ?? ''}`}>
          {slip.when && `going ${slip.when} `}play <strong>{signs(slip.play)}</strong>, not {signs(slip.not)}
        </span>
      ))}
    </p>
  );
}
