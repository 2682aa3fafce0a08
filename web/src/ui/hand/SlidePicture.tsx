import type { Look } from '../../api/types';
import { Stone } from '../Stone';
import classes from './hand.module.css';

type Slide = NonNullable<Look['slide']>;

const FIRST = 66;
const STEP = 15;

/** A slide, drawn out as far as its position, over the seven of them. */
export function SlidePicture({ look, next }: { look: Slide; next?: Slide }) {
  const at = (position: number) => FIRST + (position - 1) * STEP;
  const out = at(look.position) - (look.raised ? STEP * 0.3 : 0);
  return (
    <svg viewBox="0 0 170 92" width={170} height={92} aria-hidden="true">
      <path d="M2 24 H64 M2 52 H64" className={classes.tube} />
      <path d={`M26 24 H${out - 14} a14 14 0 0 1 0 28 H26`} className={classes.slide} />
      {Array.from({ length: 7 }, (_, i) => (
        <text key={i} x={at(i + 1) - 6} y="84" className={classes.label}>
          {i + 1}
        </text>
      ))}
      {next && next.position !== look.position && (
        <ellipse cx={at(next.position) - 6} cy="38" rx="15" ry="19" className={classes.moves} />
      )}
      <Stone seed={`slide ${look.position}`} width={27} height={27} tone="ink" x={out - 6} y={38} />
      <text x={out - 6} y="43" className={classes.finger}>
        {look.position}
        {look.raised && '+'}
      </text>
      {look.triggers > 0 && (
        <g>
          <Stone seed="trigger" width={34} height={24} tone="river" x={20} y={38} />
          <text x="20" y="43" className={classes.finger}>
            {'T'.repeat(look.triggers)}
          </text>
        </g>
      )}
    </svg>
  );
}
