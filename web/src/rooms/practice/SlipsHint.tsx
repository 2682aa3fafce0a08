import type { Slip } from '../../api/types';
import { signs } from '../../ui/signs';
import classes from './Music.module.css';

/** Slips by the way on which they happen, in the order in which they come: one stone each where they happen on both ways. */
function stonesOf(slips: Slip[]): Slip[][] {
  const stones: Slip[][] = [];
  for (const slip of slips) {
    const same = slip.when ? stones.find(([first]) => first?.when === slip.when) : undefined;
    if (same) same.push(slip);
    else stones.push([slip]);
  }
  return stones;
}

/** The likely slips of the key: play this, not that. */
export function SlipsHint({ slips }: { slips: Slip[] }) {
  return (
    <p className={classes.slips}>
      {stonesOf(slips).map((stone) => (
        <span key={`${stone[0]!.play}${stone[0]!.when ?? ''}`}>
          {stone[0]!.when && `going ${stone[0]!.when} `}play{' '}
          {stone.map((slip, i) => (
            <span key={slip.play}>
              {i > 0 && '; '}
              <strong>{signs(slip.play)}</strong>, not {signs(slip.not)}
            </span>
          ))}
        </span>
      ))}
    </p>
  );
}
