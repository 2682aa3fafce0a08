import { useElementSize } from '@mantine/hooks';
import type { RungView } from '../../../api/types';
import { Stone } from '../../../ui/Stone';
import { short } from '../../../ui/words';
import { shown } from './shown';
import classes from './Climb.module.css';

const HEIGHT = 104;
const TOP = 34;
const BOTTOM = 26;
const EDGE = 26;
const MOST_SHOWN = 60;
const LABEL_WIDTH = 7;

/** Where a stage begins, and what it is called, as far as the names keep apart. */
function stages(rungs: RungView[], x: (i: number) => number, width: number) {
  let free = 0;
  return rungs.flatMap((rung, i) => {
    if (i > 0 && rung.stage === rungs[i - 1]!.stage) return [];
    const long = rung.stage.length * LABEL_WIDTH;
    const left = Math.min(x(i), width - long);
    if (!rung.stage || left < free) return [];
    free = left + long + 10;
    return [{ i, left, words: rung.stage }];
  });
}

/** The whole climb as one path: each rung further to the right, and the higher the faster its notes come. */
export function ClimbWalk({ walk }: { walk: RungView[] }) {
  const { ref, width: measured } = useElementSize<HTMLDivElement>();
  const width = Math.max(measured, 300);
  const rungs = shown(walk.length, MOST_SHOWN, 0).map((i) => walk[i]!);
  const rates = rungs.map((rung) => rung.notesPerSecond);
  const [slow, fast] = [Math.min(...rates), Math.max(...rates)];
  const apart = (width - 2 * EDGE) / Math.max(1, rungs.length - 1);
  const x = (i: number) => EDGE + i * apart;
  const y = (rate: number) =>
    HEIGHT - BOTTOM - ((rate - slow) / Math.max(0.01, fast - slow)) * (HEIGHT - TOP - BOTTOM);
  const size = Math.max(7, Math.min(26, apart - 2));
  const points = rungs.map((rung, i) => `${x(i).toFixed(1)},${y(rung.notesPerSecond).toFixed(1)}`);
  const labels = stages(rungs, (i) => x(i) - size / 2, width);
  return (
    <div ref={ref}>
      <svg
        className={classes.walk}
        height={HEIGHT}
        viewBox={`0 0 ${width} ${HEIGHT}`}
        role="img"
        aria-label={`The whole climb: ${walk.length} rungs, from ${short(walk[0]!.notesPerSecond)} to ${short(walk.at(-1)!.notesPerSecond)} notes a second`}
      >
        <polyline points={points.join(' ')} className={classes.line} />
        {rungs.map((rung, i) => (
          <Stone
            key={rung.at.join('.')}
            seed={`walk ${rung.words}`}
            width={size}
            height={size * 0.66}
            tone={i === 0 ? 'river' : i === rungs.length - 1 ? 'ink' : 'sand'}
            x={x(i)}
            y={y(rung.notesPerSecond)}
          />
        ))}
        {labels.map(({ i, left, words }) => (
          <text key={i} x={left} y={14} className={classes.label}>
            {words}
          </text>
        ))}
        {labels.map(({ i }) => (
          <line
            key={i}
            x1={x(i)}
            x2={x(i)}
            y1={18}
            y2={y(rungs[i]!.notesPerSecond) - size / 2}
            stroke="var(--line)"
          />
        ))}
        <text x={EDGE - size / 2} y={HEIGHT - 4} className={classes.now}>
          {rates[0]!.toFixed(1)} notes a second
        </text>
        <text x={width - 4} y={HEIGHT - 4} textAnchor="end" className={classes.now}>
          {rates.at(-1)!.toFixed(1)} at the top
        </text>
      </svg>
    </div>
  );
}
