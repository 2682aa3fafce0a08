import { stonePath } from './stone';
import classes from './Stone.module.css';

export type StoneTone = 'sand' | 'slate' | 'river' | 'moss' | 'ink' | 'clay' | 'hollow';

interface Props {
  /** The same seed always gives the same outline. */
  seed: string;
  width: number;
  height: number;
  tone: StoneTone;
  /** How deeply it is learned: drawn as strata inside. */
  rings?: number;
  x?: number;
  y?: number;
}

/** A stone, drawn inside an SVG around (x, y). */
export function Stone({ seed, width, height, tone, rings = 0, x = 0, y = 0 }: Props) {
  return (
    <g transform={`translate(${x} ${y})`}>
      <path d={stonePath(seed, width, height)} className={`${classes.stone} ${classes[tone]}`} />
      {Array.from({ length: rings }, (_, i) => (
        <path
          key={i}
          d={stonePath(seed, width, height, 0.8 - i * (0.66 / Math.max(rings, 3)))}
          className={`${classes.ring} ${classes[`${tone}Ring`] ?? ''}`}
        />
      ))}
    </g>
  );
}
