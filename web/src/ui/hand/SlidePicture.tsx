import type { Look } from '../../api/types';
import { Stone } from '../Stone';
import classes from './hand.module.css';

type Slide = NonNullable<Look['slide']>;

const FIRST = 108;
const STEP = 18;

/** A slide, drawn out as far as its position, over the seven of them. */
export function SlidePicture({ look, next }: { look: Slide; next?: Slide }) {
  const at = (position: number) => FIRST + (position - 1) * STEP;
  const out = at(look.position) - (look.raised ? STEP * 0.3 : 0);
  return (
    <svg viewBox="0 0 236 92" aria-hidden="true">
      <path d="M6 24 H104 M6 52 H104" className={classes.tube} />
      <path d={`M46 24 H${out - 14} a14 14 0 0 1 0 28 H46`} className={classes.slide} />
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
          <Stone seed="trigger" width={34} height={24} tone="river" x={26} y={38} />
          <text x="26" y="43" className={classes.finger}>
            {'T'.repeat(look.triggers)}
          </text>
        </g>
      )}
    </svg>
  );
}
