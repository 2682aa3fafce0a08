import { useElementSize } from '@mantine/hooks';
import { type PointerEvent, type ReactNode, useState } from 'react';
import { dayOf } from '../words';
import classes from './Picture.module.css';
import { type Margins, namedDays, type Scales, scales } from './scales';

interface Props {
  /** What it shows, for those who hear it. */
  label: string;
  height: number;
  margins: Margins;
  /** Every day of it, in order. */
  days: string[];
  /** The numbers named beside it, from the lowest to the highest. */
  ticks: number[];
  /** How one of them is named. */
  name: (tick: number) => string;
  /** Whether lines go across from them. */
  grid?: boolean;
  /** What is said of a day when it is pointed at; nothing of a day without. */
  read: (day: string) => string[];
  children: (at: Scales) => ReactNode;
}

const APART = 64;
const READ_WIDTH = 180;

/** A picture over days: axes, and a line of words for the day that is pointed at. What it shows is drawn by its children. */
export function Picture(props: Props) {
  const { ref, width } = useElementSize<HTMLDivElement>();
  return (
    <div ref={ref} className={classes.frame} style={{ height: props.height }}>
      {width > 0 && <Drawn {...props} width={width} />}
    </div>
  );
}

function Drawn({
  label,
  height,
  margins,
  days,
  ticks,
  name,
  grid,
  read,
  children,
  width,
}: Props & { width: number }) {
  const [pointed, setPointed] = useState<string>();
  const at = scales(days, ticks[0]!, ticks.at(-1)!, width, height, margins);
  const floor = height - margins.bottom;
  const point = (event: PointerEvent<SVGSVGElement>) => {
    const x = event.clientX - event.currentTarget.getBoundingClientRect().left;
    const told = days.filter((day) => read(day).length > 0);
    const distance = (day: string) => Math.abs(at.x(day) - x);
    setPointed(told.sort((a, b) => distance(a) - distance(b))[0]);
  };
  return (
    <>
      <svg
        width={width}
        height={height}
        role="img"
        aria-label={label}
        onPointerMove={point}
        onPointerDown={point}
        onPointerLeave={() => setPointed(undefined)}
      >
        {ticks.map((tick) => (
          <g key={tick} transform={`translate(0 ${at.y(tick)})`}>
            {grid && <line className={classes.grid} x1={margins.left} x2={width - margins.right} />}
            <text className={classes.tick} x={margins.left - 8} dy="0.32em" textAnchor="end">
              {name(tick)}
            </text>
          </g>
        ))}
        <line className={classes.axis} x1={margins.left} x2={width - margins.right} y1={floor} y2={floor} />
        {namedDays(days, at.x, APART).map((day) => (
          <text key={day} className={classes.tick} x={at.x(day)} y={floor + 18} textAnchor="middle">
            {dayOf(day)}
          </text>
        ))}
        {pointed && (
          <line className={classes.hair} x1={at.x(pointed)} x2={at.x(pointed)} y1={margins.top} y2={floor} />
        )}
        {children(at)}
      </svg>
      {pointed && (
        <div
          className={classes.read}
          style={{ left: Math.max(0, Math.min(at.x(pointed) + 10, width - READ_WIDTH)) }}
        >
          <strong>{dayOf(pointed)}</strong>
          {read(pointed).map((words) => (
            <div key={words}>{words}</div>
          ))}
        </div>
      )}
    </>
  );
}
