import type { Look, Neck } from '../../api/types';
import { Stone } from '../Stone';
import classes from './hand.module.css';

type Fret = NonNullable<Look['fret']>;

const APART = 15;
const TOP = 14;
const WIDTH = 124;
const SEEN = 4;
const LEFT = 18;
const MARKED = [3, 5, 7, 9, 12, 15, 17, 19];

/** A neck with frets as far apart as they are: the finger on its string, the first string on top. */
export function FretPicture({ look, neck, mirrored }: { look: Fret; neck: Neck; mirrored: boolean }) {
  const first = Math.max(0, Math.min(look.position || look.fret, look.fret) - 1);
  const { strings, halfSteps } = neck;
  const along = (fret: number) => halfSteps[fret] ?? 1;
  const seen = along(first + SEEN) - along(first);
  const xOf = (fret: number) => {
    const at = LEFT + ((along(fret) - along(first)) / seen) * (WIDTH - LEFT);
    return mirrored ? WIDTH + LEFT - at : at;
  };
  const bottom = TOP + APART * (strings.length - 1);
  const y = TOP + APART * (look.string - 1);
  const between = (fret: number) => (xOf(fret - 1) + xOf(fret)) / 2;
  return (
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
      {Array.from({ length: SEEN + 1 }, (_, i) => first + i).map((fret) => (
        <line
          key={fret}
          x1={xOf(fret)}
          x2={xOf(fret)}
          y1={TOP - 8}
          y2={bottom + 8}
          className={fret === 0 ? classes.nut : classes.fret}
        />
      ))}
      {MARKED.filter((fret) => fret > first && fret <= first + SEEN).map((fret) => (
        <circle key={fret} cx={between(fret)} cy={(TOP + bottom) / 2} r="3.5" className={classes.mark} />
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
          <text x={mirrored ? WIDTH + 9 : 8} y={TOP + APART * i + 4} className={classes.label}>
            {name}
          </text>
        </g>
      ))}
      {look.fret === 0 ? (
        <circle cx={mirrored ? WIDTH + 9 : 8} cy={y} r="9" className={classes.open} />
      ) : (
        <g>
          <Stone
            seed={`finger ${look.finger}`}
            width={21}
            height={18}
            tone="ink"
            x={between(look.fret)}
            y={y}
          />
          <text x={between(look.fret)} y={y + 5} className={classes.finger}>
            {look.finger}
          </text>
          <text x={between(look.fret)} y={bottom + 23} className={classes.label}>
            fret {look.fret}
          </text>
        </g>
      )}
    </svg>
  );
}
