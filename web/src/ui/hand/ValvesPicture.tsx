import type { Look } from '../../api/types';
import { Stone } from '../Stone';
import classes from './hand.module.css';

type Valves = NonNullable<Look['valves']>;

const WIDE = 38;
const UP = 18;
const DOWN = 46;

/** Valves side by side; those that are down have sunk. */
export function ValvesPicture({ look, next }: { look: Valves; next?: Valves }) {
  const valves = Array.from({ length: look.count }, (_, i) => i + 1);
  const width = WIDE * look.count + (look.thumb ? 44 : 0);
  return (
    <svg viewBox={`0 0 ${width} 104`} width={width} height={104} aria-hidden="true">
      {valves.map((valve) => {
        const down = look.down.includes(valve);
        const x = WIDE * (valve - 0.5);
        const y = down ? DOWN : UP;
        const moves = next && next.down.includes(valve) !== down;
        return (
          <g key={valve}>
            <rect x={x - 5} y={y} width="10" height={60 - y} className={classes.tube} />
            <rect x={x - 13} y="52" width="26" height="48" rx="6" className={classes.wood} />
            <Stone seed={`valve ${valve}`} width={30} height={21} tone={down ? 'ink' : 'sand'} x={x} y={y} />
            <text x={x} y={y + 5} className={down ? classes.finger : classes.name}>
              {valve}
            </text>
            {moves && <ellipse cx={x} cy={y} rx="19" ry="15" className={classes.moves} />}
          </g>
        );
      })}
      {look.thumb && (
        <g>
          <Stone seed="thumb" width={34} height={22} tone="river" x={width - 24} y={70} />
          <text x={width - 24} y={75} className={classes.finger}>
            T
          </text>
        </g>
      )}
    </svg>
  );
}
