import type { Look } from '../../api/types';
import classes from './hand.module.css';

type Closed = NonNullable<Look['closed']>;

const MIDDLE = 70;
const R = 8.5;

/** Where the hole of a finger lies: the thumb beside the first, the hands one below the other. */
function placeOf(name: string): { x: number; y: number } {
  if (name === 'T') return { x: MIDDLE - 28, y: 24 };
  const finger = Number(name);
  return { x: MIDDLE, y: 16 + (finger - 1) * 22 + (finger > 3 ? 14 : 0) };
}

/** Beside which finger a key lies, and on which side. */
const PLACES: Record<string, { y: number; side: number }> = {
  'left thumb': { y: 46, side: -1 },
  'side of the left first finger': { y: 16, side: -1 },
  'left first finger': { y: 16, side: 1 },
  'left palm': { y: 27, side: 1 },
  'left little finger': { y: 66, side: 1 },
  'right thumb': { y: 112, side: -1 },
  'low thumb': { y: 134, side: -1 },
  'side of the right hand': { y: 92, side: -1 },
  'right first finger': { y: 96, side: 1 },
  'right second finger': { y: 118, side: 1 },
  'right third finger': { y: 140, side: 1 },
  'right little finger': { y: 158, side: 1 },
};

/** Holes from the mouthpiece down, open, half or closed, and beside them the keys that are pressed. */
export function HolesPicture({ look, next }: { look: Closed; next?: Closed }) {
  const last = look.holes.at(-1);
  const height = Math.max(168, last ? placeOf(last.name).y + 22 : 0);
  const stacked: Record<string, number> = {};
  return (
    <svg viewBox={`0 0 140 ${height}`} width={140} height={height} aria-hidden="true">
      <line x1={MIDDLE - 16} x2={MIDDLE + 16} y1="79" y2="79" className={classes.fret} />
      {look.holes.map((hole) => {
        const { x, y } = placeOf(hole.name);
        const moves = next?.holes.some((one) => one.name === hole.name && one.cover !== hole.cover);
        return (
          <g key={hole.name}>
            <circle cx={x} cy={y} r={R} className={hole.cover === 'closed' ? classes.closed : classes.hole} />
            {hole.cover === 'half' && (
              <path d={`M${x - R} ${y} a${R} ${R} 0 0 0 ${2 * R} 0 Z`} className={classes.closed} />
            )}
            {moves && <circle cx={x} cy={y} r={R + 4} className={classes.moves} />}
          </g>
        );
      })}
      {look.keys.map((key) => {
        const place = PLACES[key.finger] ?? { y: 140, side: -1 };
        const before = stacked[key.finger] ?? 0;
        stacked[key.finger] = before + 1;
        const width = 11 + key.name.length * 7;
        const x = MIDDLE + place.side * (R + 8 + width / 2) + (place.side < 0 && place.y === 46 ? -4 : 0);
        const y = place.y + before * 17;
        return (
          <g key={key.name}>
            <rect x={x - width / 2} y={y - 8} width={width} height="16" rx="7" className={classes.keyTab} />
            <text x={x} y={y + 4} className={classes.keyName}>
              {key.name}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
