import { useElementSize } from '@mantine/hooks';
import type { ShapePart } from '../../api/types';
import { Stone } from '../../ui/Stone';
import { signs } from '../../ui/signs';
import classes from './Shelf.module.css';

const HEIGHT = 84;
const TOP = 12;
const GROUND = 58;
const MOST = 13;
const WIDEST = 170;
const GAP = 8;

/** A routine by its shape: each step its climb in pebbles, the higher the faster; under it its key, on its minutes. */
export function Shape({ shape, seed }: { shape: ShapePart[]; seed: string }) {
  const { ref, width: measured } = useElementSize<HTMLDivElement>();
  const width = Math.max(measured, 200);
  const parts = shape.slice(0, MOST);
  const left = shape.length - parts.length;
  const room = (width - (left > 0 ? 34 : 0)) / parts.length;
  const apart = Math.min(WIDEST, room);
  const longest = Math.max(...parts.map((part) => part.seconds));
  const fastest = Math.max(...parts.flatMap((part) => part.profile));
  const y = (rate: number) => GROUND - 6 - (rate / fastest) * (GROUND - 6 - TOP);
  return (
    <div ref={ref}>
      <svg
        width="100%"
        height={HEIGHT}
        role="img"
        aria-label={shape.map((part) => `${part.key}, ${part.rungs} rungs`).join('; ')}
      >
        {parts.map((part, i) => {
          const from = apart * i;
          const inner = apart - GAP;
          const rungs = part.profile.length;
          const most = Math.max(2, Math.floor(inner / 5));
          const every = Math.ceil(rungs / most);
          const pebbles = part.profile.filter((_, at) => at % every === 0 || at === rungs - 1);
          const step = inner / pebbles.length;
          const size = Math.max(5, Math.min(15, step - 1));
          return (
            <g key={i}>
              <rect
                x={from}
                y={GROUND}
                width={Math.max(8, inner * (part.seconds / longest))}
                height={5}
                rx={2.5}
                className={classes.minutes}
              />
              {pebbles.map((rate, at) => (
                <Stone
                  key={at}
                  seed={`${seed} ${i} ${at}`}
                  width={size}
                  height={size * 0.7}
                  tone={at === pebbles.length - 1 ? 'ink' : part.minor ? 'slate' : 'sand'}
                  x={from + step * (at + 0.5)}
                  y={y(rate)}
                />
              ))}
              <text x={from} y={HEIGHT - 6} className={classes.key}>
                {signs(part.tonic)}
                {part.minor && 'm'}
              </text>
            </g>
          );
        })}
        {left > 0 && (
          <text x={width - 4} y={GROUND} textAnchor="end" className={classes.key}>
            +{left}
          </text>
        )}
      </svg>
    </div>
  );
}

/** Keys, rungs and minutes in words. */
export function shapeWords(shape: ShapePart[], minutes: number): string {
  const keys = new Set(shape.map((part) => part.key)).size;
  const rungs = shape.reduce((sum, part) => sum + part.rungs, 0);
  const count = (n: number, one: string) => `${n} ${n === 1 ? one : `${one}s`}`;
  return `${count(shape.length, 'step')}, ${count(keys, 'key')}, ${count(rungs, 'rung')}, ${minutes} min a day`;
}
