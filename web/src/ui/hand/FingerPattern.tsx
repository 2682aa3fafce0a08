import type { HandDocument } from '../../api/types';
import { Stone } from '../Stone';
import classes from './hand.module.css';

type Pattern = NonNullable<HandDocument['pattern']>[number];

const STEP = 21;

/** Where the fingers stand on one string, as a row of stones: those that touch lie close. */
export function FingerPattern({ pattern }: { pattern: Pattern }) {
  const low = Math.min(0, ...pattern.dots.map((dot) => dot.above)) || Math.max(0, pattern.dots[0]!.above - 2);
  const x = (above: number) => 44 + (above - low) * STEP;
  const width = x(pattern.dots.at(-1)!.above) + 20;
  const title = `${pattern.string}${pattern.position === 'I' ? '' : ` ${pattern.position}`}`;
  return (
    <span className={classes.pattern} role="img" aria-label={pattern.words}>
      <svg viewBox={`0 0 ${width} 30`} width={width} height={30} aria-hidden="true">
        <text x="0" y="20" className={classes.string}>
          {title}
        </text>
        <line x1="30" x2={width} y1="15" y2="15" className={classes.along} />
        {pattern.dots.map((dot, i) =>
          dot.close ? (
            <line
              key={i}
              x1={x(dot.above)}
              x2={x(pattern.dots[i + 1]!.above)}
              y1="15"
              y2="15"
              className={classes.close}
            />
          ) : null,
        )}
        {pattern.dots.map((dot, i) => (
          <g key={i}>
            <Stone seed={`dot ${dot.finger}`} width={20} height={19} tone="slate" x={x(dot.above)} y={15} />
            <text x={x(dot.above)} y="20" className={classes.finger}>
              {dot.finger < 0 ? 'T' : dot.finger}
            </text>
          </g>
        ))}
      </svg>
    </span>
  );
}
