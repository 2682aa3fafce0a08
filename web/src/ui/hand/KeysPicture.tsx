import type { Look } from '../../api/types';
import { Stone } from '../Stone';
import classes from './hand.module.css';

type Pressed = NonNullable<Look['key']>;

const WHITE = 21;
const WHITES = [0, 2, 4, 5, 7, 9, 11];
const HIGH = 92;
const DEEP = 56;
const SHOWN = 7;

/** How many white keys lie below a key, and whether it is a white one. */
function keyOf(midi: number): { white: boolean; at: number } {
  const inOctave = midi % 12;
  const below = WHITES.filter((one) => one < inOctave).length;
  return { white: WHITES.includes(inOctave), at: Math.floor(midi / 12) * WHITES.length + below };
}

/** Keys around the one that is pressed, and the finger on it. */
export function KeysPicture({ look }: { look: Pressed }) {
  const here = keyOf(look.midi);
  const first = here.at - Math.floor(SHOWN / 2);
  const x = (at: number) => (at - first) * WHITE;
  const blacks = Array.from({ length: 20 }, (_, i) => look.midi - 10 + i).filter((midi) => {
    const one = keyOf(midi);
    return !one.white && one.at > first && one.at < first + SHOWN;
  });
  const cx = here.white ? x(here.at) + WHITE / 2 : x(here.at);
  const cy = here.white ? HIGH - 15 : DEEP - 14;
  return (
    <svg
      viewBox={`0 0 ${WHITE * SHOWN} ${HIGH + 14}`}
      width={WHITE * SHOWN}
      height={HIGH + 14}
      aria-hidden="true"
    >
      {Array.from({ length: SHOWN }, (_, i) => (
        <rect key={i} x={i * WHITE} y="0" width={WHITE} height={HIGH} rx="3" className={classes.white} />
      ))}
      {blacks.map((midi) => (
        <rect
          key={midi}
          x={x(keyOf(midi).at) - 7}
          y="0"
          width="14"
          height={DEEP}
          rx="3"
          className={classes.black}
        />
      ))}
      <Stone seed={`finger ${look.finger}`} width={22} height={20} tone="clay" x={cx} y={cy} />
      <text x={cx} y={cy + 5} className={classes.finger}>
        {look.finger}
      </text>
      <text x={(WHITE * SHOWN) / 2} y={HIGH + 12} className={classes.label}>
        {look.right ? 'right hand' : 'left hand'}
      </text>
    </svg>
  );
}
