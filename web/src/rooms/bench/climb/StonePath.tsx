import { useElementSize } from '@mantine/hooks';
import { Stone, type StoneTone } from '../../../ui/Stone';
import classes from './StonePath.module.css';

/** One stone: what stands above it, on it, and under it. */
export interface PathStone {
  id: string;
  above: string;
  label: string;
  under: string;
  tone: StoneTone;
  pressed: boolean;
  /** In full, for those who do not see it. */
  name: string;
}

interface Props {
  stones: PathStone[];
  onPress: (at: number) => void;
  height?: number;
  /** How far the last stone lies above the first. */
  rise?: number;
  /** Room for further lines of words under the stones, in addition to the height. */
  extra?: number;
}

const EDGE = 34;
const WIDEST = 48;
const BELOW = 54;

/** Stones up a river, first to last; one can be pressed. */
export function StonePath({ stones, onPress, height = 112, rise = 20, extra = 0 }: Props) {
  const { ref, width } = useElementSize<HTMLDivElement>();
  const room = Math.max(width, 300);
  const last = Math.max(1, stones.length - 1);
  const edge = Math.max(EDGE, Math.min(70, room / (2 * stones.length)));
  const apart = (room - 2 * edge) / last;
  const x = (i: number) => edge + i * apart;
  const y = (i: number) => height - BELOW - (i / last) * rise - Math.sin(i * 1.7) * 2.5;
  const stone = Math.min(WIDEST, stones.length === 1 ? WIDEST : apart - 6);
  const from = height - BELOW + 6;
  const to = from - rise;
  return (
    <div ref={ref} className={classes.path} style={{ height: height + extra }}>
      <svg width="100%" height={height + extra} aria-hidden="true">
        <path
          d={`M0 ${from} C ${width * 0.35} ${from - 3} ${width * 0.6} ${to + 4} ${width} ${to - 8} V ${to + 14} C ${width * 0.6} ${to + 26} ${width * 0.35} ${from + 16} 0 ${from + 18} Z`}
          className={classes.river}
        />
        {stones.map((one, i) => (
          <Stone
            key={one.id}
            seed={one.id}
            width={stone}
            height={stone * 0.56}
            tone={one.tone}
            x={x(i)}
            y={y(i)}
          />
        ))}
      </svg>
      <ol>
        {stones.map((one, i) => (
          <li key={one.id} style={{ left: x(i), top: y(i) }}>
            <button
              type="button"
              aria-pressed={one.pressed}
              aria-label={one.name}
              style={{ width: stones.length === 1 ? 160 : Math.max(44, Math.min(150, apart - 2)) }}
              onClick={() => onPress(i)}
            >
              <span className={classes.above}>{one.above}</span>
              <span className={classes.gap} />
              <span className={classes.label}>{one.label}</span>
              <span className={classes.under}>{one.under}</span>
            </button>
          </li>
        ))}
      </ol>
    </div>
  );
}
