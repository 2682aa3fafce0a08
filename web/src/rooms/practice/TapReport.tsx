import { useElementSize } from '@mantine/hooks';
import type { Taps } from '../../api/types';
import classes from './Taps.module.css';

const HEIGHT = 92;
const MIDDLE = 46;
const LEAST_MS = 60;
const EDGE = 12;

/** What the taps came to, in a sentence, and each of them above the line where it was early and below where it was late. */
export function TapReport({ report }: { report: Taps }) {
  const { ref, width: measured } = useElementSize<HTMLDivElement>();
  const width = Math.max(measured, 240);
  const apart = (width - 2 * EDGE) / Math.max(1, report.notes - 1);
  const most = Math.max(LEAST_MS, ...report.taps.map((tap) => Math.abs(tap.offsetMs)));
  const y = (ms: number) => MIDDLE + (ms / most) * (MIDDLE - 22);
  return (
    <div className={classes.tapReport} ref={ref} aria-live="polite">
      <p>{report.sentence}</p>
      <svg width="100%" height={HEIGHT} viewBox={`0 0 ${width} ${HEIGHT}`} aria-hidden="true">
        <line x1={0} x2={width} y1={MIDDLE} y2={MIDDLE} />
        <text x={0} y={11}>
          {Math.round(most)} ms early
        </text>
        <text x={0} y={HEIGHT - 3}>
          {Math.round(most)} ms late
        </text>
        {report.taps.map((tap) => (
          <circle
            key={tap.note}
            cx={EDGE + apart * tap.note}
            cy={y(tap.offsetMs)}
            r={tap.note === report.worst ? 6.5 : 4.5}
            data-worst={tap.note === report.worst}
          />
        ))}
      </svg>
    </div>
  );
}
