import type { Look, Neck } from '../../api/types';
import { Stone } from '../Stone';
import classes from './hand.module.css';

type Fret = NonNullable<Look['fret']>;

export interface Stopped {
  fret: Fret;
  /** Whether it is the note from which the key has its name. */
  root: boolean;
}

const APART = 15;
const TOP = 12;
const LEFT = 20;
const WIDTH = 300;

interface Props {
  stopped: Stopped[];
  neck: Neck;
  mirrored: boolean;
}

/** Everything that a line stops on a neck: the shape of the key, its root on a flat stone. */
export function WholeNeck({ stopped, neck, mirrored }: Props) {
  const { strings, halfSteps } = neck;
  const frets = stopped.map(({ fret }) => fret.fret);
  const first = Math.max(0, Math.min(...frets) - 1);
  const last = Math.max(first + 4, ...frets);
  const along = (fret: number) => halfSteps[fret] ?? 1;
  const xOf = (fret: number) => {
    const at = LEFT + ((along(fret) - along(first)) / (along(last) - along(first))) * (WIDTH - LEFT);
    return mirrored ? WIDTH + LEFT - at : at;
  };
  const bottom = TOP + APART * (strings.length - 1);
  const middle = (fret: number) => (fret === 0 ? xOf(0) : (xOf(fret - 1) + xOf(fret)) / 2);
  const words = `The shape of the key: frets ${Math.min(...frets)} to ${Math.max(...frets)}`;
  return (
    <span className={classes.pattern} role="img" aria-label={words}>
      <svg
        viewBox={`0 0 ${WIDTH + LEFT} ${bottom + 26}`}
        width={WIDTH + LEFT}
        height={bottom + 26}
        aria-hidden="true"
      >
        <rect
          x={LEFT}
          y={TOP - 8}
          width={WIDTH - LEFT}
          height={bottom - TOP + 16}
          rx="5"
          className={classes.wood}
        />
        {Array.from({ length: last - first + 1 }, (_, i) => first + i).map((fret) => (
          <g key={fret}>
            <line
              x1={xOf(fret)}
              x2={xOf(fret)}
              y1={TOP - 8}
              y2={bottom + 8}
              className={fret === 0 ? classes.nut : classes.fret}
            />
            {fret > first && (
              <text x={middle(fret)} y={bottom + 23} className={classes.label}>
                {fret}
              </text>
            )}
          </g>
        ))}
        {strings.map((name, i) => (
          <g key={i}>
            <line
              x1={LEFT}
              x2={WIDTH}
              y1={TOP + APART * i}
              y2={TOP + APART * i}
              strokeWidth={1 + (i * 1.8) / strings.length}
              className={classes.cord}
            />
            <text x={mirrored ? WIDTH + 10 : 9} y={TOP + APART * i + 4} className={classes.label}>
              {name}
            </text>
          </g>
        ))}
        {stopped.map(({ fret, root }) => (
          <g key={`${fret.string} ${fret.fret}`}>
            <Stone
              seed={`finger ${fret.finger}`}
              width={root ? 30 : 18}
              height={root ? 13 : 15}
              tone={root ? 'ink' : 'slate'}
              x={middle(fret.fret)}
              y={TOP + APART * (fret.string - 1)}
            />
            <text x={middle(fret.fret)} y={TOP + APART * (fret.string - 1) + 4.5} className={classes.small}>
              {fret.finger || 0}
            </text>
          </g>
        ))}
      </svg>
    </span>
  );
}
