import type { Look, Neck } from '../../api/types';
import { Stone } from '../Stone';
import classes from './hand.module.css';

type Bowed = NonNullable<Look['bowed']>;

const APART = 22;
const TOP = 26;
const LENGTH = 250;
const SEEN = 7;

/** A neck without frets, as the player looks down on it: the finger on its string. */
export function StringPicture({ look, neck }: { look: Bowed; neck: Neck }) {
  const names = [...neck.strings].reverse();
  const down = (semitones: number) => TOP + LENGTH * (neck.halfSteps[semitones] ?? 1);
  // High up the neck is seen from below where the hand is.
  const from = Math.max(0, look.above - SEEN + 2);
  const shift = from === 0 ? 0 : down(from) - TOP;
  const bottom = down(from + SEEN) - shift + 8;
  const width = APART * (names.length + 1);
  const x = width - APART * look.string;
  return (
    <svg viewBox={`0 0 ${width} ${bottom + 18}`} width={width} height={bottom + 18} aria-hidden="true">
      <rect
        x={APART * 0.45}
        y={TOP}
        width={width - APART * 0.9}
        height={bottom - TOP}
        rx="6"
        className={classes.wood}
      />
      {from === 0 && (
        <line x1={APART * 0.45} x2={width - APART * 0.45} y1={TOP} y2={TOP} className={classes.nut} />
      )}
      {names.map((name, i) => (
        <g key={i}>
          <line
            x1={APART * (i + 1)}
            x2={APART * (i + 1)}
            y1={TOP}
            y2={bottom}
            strokeWidth={3 - (i * 1.8) / names.length}
            className={classes.cord}
          />
          <text x={APART * (i + 1)} y="14" className={classes.name}>
            {name}
          </text>
        </g>
      ))}
      {look.finger === 0 ? (
        <circle cx={x} cy={TOP} r="9" className={classes.open} />
      ) : (
        <g>
          <Stone
            seed={`finger ${look.finger}`}
            width={22}
            height={20}
            tone="ink"
            x={x}
            y={down(look.above) - shift}
          />
          <text x={x} y={down(look.above) - shift + 5} className={classes.finger}>
            {look.finger < 0 ? 'T' : look.finger}
          </text>
        </g>
      )}
      {look.position !== 'I' && look.finger !== 0 && (
        <text x={width / 2} y={bottom + 14} className={classes.label}>
          {look.position}
        </text>
      )}
    </svg>
  );
}
