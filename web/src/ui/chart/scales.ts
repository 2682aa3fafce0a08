import { scaleLinear } from 'd3-scale';
import { daysBetween } from '../words';

/** Days along, numbers up: where a day and a number stand in a picture, in pixels. */
export interface Scales {
  x: (day: string) => number;
  y: (value: number) => number;
  width: number;
  height: number;
}

/** The paper between the axes: what stands beside it, in pixels. */
export interface Margins {
  top: number;
  right: number;
  bottom: number;
  left: number;
}

/** The scales of a picture that is so wide and high, from the first of its days to the last, and from one number to another. */
export function scales(
  days: string[],
  from: number,
  to: number,
  width: number,
  height: number,
  margins: Margins,
): Scales {
  const first = days[0]!;
  const along = scaleLinear()
    .domain([0, Math.max(1, daysBetween(first, days.at(-1)!))])
    .range([margins.left, width - margins.right]);
  const up = scaleLinear()
    .domain([from, to])
    .range([height - margins.bottom, margins.top]);
  return { x: (day) => along(daysBetween(first, day)), y: (value) => up(value), width, height };
}

/** At most so many round numbers from nothing up to at least a number. */
export function roundTicks(most: number, count: number): number[] {
  return scaleLinear()
    .domain([0, most || 1])
    .nice(count)
    .ticks(count);
}

/** Which days to name below a picture, so that their names keep apart. */
export function namedDays(days: string[], x: (day: string) => number, apart: number): string[] {
  let last = -Infinity;
  return days.filter((day) => {
    if (x(day) - last < apart) return false;
    last = x(day);
    return true;
  });
}
