import { area, line } from 'd3-shape';
import type { GoalForecast } from '../../api/types';
import { Picture } from '../../ui/chart/Picture';
import type { Scales } from '../../ui/chart/scales';
import { dayOf, isoDay, short } from '../../ui/words';
import classes from './StepPage.module.css';

type Day = GoalForecast['picture'][number];

const HEIGHT = 316;
const MARGINS = { top: 26, right: 16, bottom: 28, left: 76 };
const MARGIN_BPM = 3;
const STEPS = [2, 4, 5, 10, 20, 50];
const MOST_TICKS = 7;

/** The takes so far, the line through them, the band it may leave in, and the goal with its day. */
export function ForecastPicture({ forecast }: { forecast: GoalForecast }) {
  const days = forecast.picture;
  const byDay = new Map(days.map((one) => [one.day, one]));
  const tempos = days.flatMap((day) => (day.best == null ? [] : [day.best]));
  const low = Math.min(forecast.bpm, ...tempos) - MARGIN_BPM;
  const high = Math.max(forecast.bpm, ...tempos) + MARGIN_BPM;
  const step = STEPS.find((one) => (high - low) / one <= MOST_TICKS) ?? 100;
  const first = Math.floor(low / step);
  const ticks = Array.from({ length: Math.ceil(high / step) - first + 1 }, (_, i) => (first + i) * step);
  return (
    <figure className={classes.picture}>
      <Picture
        label={forecast.sentence}
        height={HEIGHT}
        margins={MARGINS}
        days={days.map((one) => one.day)}
        ticks={ticks}
        name={(bpm) => `${bpm} bpm`}
        grid
        read={(day) => said(byDay.get(day))}
      >
        {(at) => <Drawn forecast={forecast} at={at} top={ticks.at(-1)!} bottom={ticks[0]!} />}
      </Picture>
      <figcaption>
        {tempos.length} {tempos.length === 1 ? 'day' : 'days'} with clean takes in four weeks
        {forecast.gainAWeek != null && `; they gain ${short(forecast.gainAWeek)} bpm a week`}
        {forecast.neededAWeek != null &&
          forecast.neededAWeek > 0 &&
          `; ${short(forecast.neededAWeek)} ${forecast.gainAWeek == null ? 'bpm a week ' : ''}needed`}
        .{days.some((day) => day.low != null) && ' The water holds the true way in four of five cases.'}
      </figcaption>
    </figure>
  );
}

/** What the picture knows of a day, in words. */
function said(day: Day | undefined): string[] {
  if (!day) return [];
  const words = [];
  if (day.best != null) words.push(`${short(day.best)} bpm, best clean`);
  if (day.line != null) words.push(`${short(day.line)} bpm, the line so far`);
  if (day.ahead != null) words.push(`${short(day.ahead)} bpm at this gain`);
  if (day.low != null && day.high != null)
    words.push(`likely between ${short(day.low)} and ${short(day.high)} bpm`);
  return words;
}

/** What stands in the picture; what is beyond its numbers ends at its edge. */
function Drawn({
  forecast,
  at,
  top,
  bottom,
}: {
  forecast: GoalForecast;
  at: Scales;
  top: number;
  bottom: number;
}) {
  const days = forecast.picture;
  const today = isoDay();
  const y = (bpm: number) => at.y(Math.min(top, Math.max(bottom, bpm)));
  const water = area<Day>()
    .defined((day) => day.low != null && day.high != null)
    .x((day) => at.x(day.day))
    .y0((day) => y(day.low!))
    .y1((day) => y(day.high!));
  const through = (of: (day: Day) => number | undefined) =>
    line<Day>()
      .defined((day) => of(day) != null)
      .x((day) => at.x(day.day))
      .y((day) => y(of(day)!))(days) ?? undefined;
  const upright = (day: string, className: string | undefined, words: string) => (
    <g className={className} transform={`translate(${at.x(day)} 0)`}>
      <line y1={MARGINS.top} y2={at.height - MARGINS.bottom} />
      <text y={MARGINS.top - 8} textAnchor="middle">
        {words}
      </text>
    </g>
  );
  return (
    <>
      <path className={classes.water} d={water(days) ?? undefined} />
      <path className={classes.soFar} d={through((day) => day.line)} />
      <path className={classes.ahead} d={through((day) => day.ahead)} />
      <g className={classes.goalLine} transform={`translate(0 ${at.y(forecast.bpm)})`}>
        <line x1={MARGINS.left} x2={at.width - MARGINS.right} />
        <text x={MARGINS.left + 6} y={16}>
          goal {short(forecast.bpm)} bpm
        </text>
      </g>
      {days.some((one) => one.day === today) && upright(today, classes.todayLine, 'today')}
      {days.some((one) => one.day === forecast.date) &&
        upright(forecast.date, classes.goalLine, dayOf(forecast.date))}
      {days.map(
        (one) =>
          one.best != null && (
            <circle key={one.day} className={classes.best} cx={at.x(one.day)} cy={y(one.best)} r={4.5} />
          ),
      )}
    </>
  );
}
