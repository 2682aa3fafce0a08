import type { Pedals } from '../../api/types';
import { Stone } from '../Stone';
import classes from './hand.module.css';

const WIDE = 30;
const NOTCH = 17;
const MIDDLE = 44;
const GAP = 22;

/** The seven pedals of a harp from left to right: high in the flat notch, in the middle natural, low sharp. */
export function PedalPicture({ pedals }: { pedals: Pedals }) {
  const left = pedals.start.filter((one) => one.left).length;
  const x = (i: number) => WIDE * (i + 0.5) + (i < left ? 0 : GAP);
  const width = WIDE * pedals.start.length + GAP;
  const middle = WIDE * left + GAP / 2;
  return (
    <span className={classes.pattern} role="img" aria-label={`Pedals ${pedals.words}`}>
      <svg viewBox={`0 0 ${width} 92`} width={width} height={92} aria-hidden="true">
        <line x1="4" x2={width - 4} y1={MIDDLE} y2={MIDDLE} className={classes.along} />
        <line x1={middle} x2={middle} y1={MIDDLE - 32} y2={MIDDLE + 32} className={classes.cord} />
        {pedals.start.map(({ letter, notch }, i) => (
          <g key={letter}>
            <line
              x1={x(i)}
              x2={x(i)}
              y1={MIDDLE - NOTCH - 8}
              y2={MIDDLE + NOTCH + 8}
              className={classes.tube}
            />
            <Stone
              seed={`pedal ${letter}`}
              width={24}
              height={19}
              tone={notch === 0 ? 'sand' : 'ink'}
              x={x(i)}
              y={MIDDLE + notch * NOTCH}
            />
            <text
              x={x(i)}
              y={MIDDLE + notch * NOTCH + 4}
              className={notch === 0 ? classes.name : classes.finger}
            >
              {letter}
            </text>
          </g>
        ))}
      </svg>
    </span>
  );
}
