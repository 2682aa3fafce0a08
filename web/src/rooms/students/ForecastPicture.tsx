import {
  Area,
  CartesianGrid,
  ComposedChart,
  Line,
  ReferenceLine,
  ResponsiveContainer,
  Scatter,
  Tooltip,
  XAxis,
  YAxis,
} from 'recharts';
import type { GoalForecast } from '../../api/types';
import { dayOf, isoDay, short } from '../../ui/words';
import classes from './StepPage.module.css';

interface Day {
  day: string;
  best?: number;
  line?: number;
  ahead?: number;
  band?: [number, number];
}

const HEIGHT = 316;
const SOFT = { fontSize: 13, fill: 'var(--ink-soft)' };
const NAMES: Record<string, string> = { best: 'best clean', line: 'the line so far', ahead: 'at this gain' };
const MARGIN_BPM = 3;
const STEPS = [2, 4, 5, 10, 20, 50];
const MOST_TICKS = 7;

/** The takes so far, the line through them, the band it may leave in, and the goal with its day. */
export function ForecastPicture({ forecast }: { forecast: GoalForecast }) {
  const today = isoDay();
  const days = forecast.picture.map<Day>(({ day, best, line, ahead, low, high }) => ({
    day,
    best,
    line,
    ahead,
    band: low != null && high != null ? [low, high] : undefined,
  }));
  const tempos = days.flatMap((day) => (day.best == null ? [] : [day.best]));
  const low = Math.min(forecast.bpm, ...tempos) - MARGIN_BPM;
  const high = Math.max(forecast.bpm, ...tempos) + MARGIN_BPM;
  const step = STEPS.find((one) => (high - low) / one <= MOST_TICKS) ?? 100;
  const first = Math.floor(low / step);
  const ticks = Array.from({ length: Math.ceil(high / step) - first + 1 }, (_, i) => (first + i) * step);
  return (
    <figure className={classes.picture}>
      <div role="img" aria-label={forecast.sentence}>
        <ResponsiveContainer width="100%" height={HEIGHT}>
          <ComposedChart data={days} margin={{ top: 26, right: 16, bottom: 4, left: 0 }}>
            <CartesianGrid vertical={false} stroke="var(--line)" strokeDasharray="2 5" />
            <XAxis
              dataKey="day"
              tickFormatter={dayOf}
              tick={SOFT}
              minTickGap={44}
              stroke="var(--sand-edge)"
            />
            <YAxis
              domain={[ticks[0]!, ticks.at(-1)!]}
              ticks={ticks}
              allowDataOverflow
              tick={SOFT}
              width={76}
              unit=" bpm"
              stroke="var(--sand-edge)"
            />
            <Area
              dataKey="band"
              stroke="none"
              fill="var(--water-deep)"
              fillOpacity={0.75}
              isAnimationActive={false}
              activeDot={false}
            />
            <Line
              dataKey="line"
              stroke="var(--river)"
              strokeWidth={2.5}
              dot={false}
              activeDot={false}
              isAnimationActive={false}
            />
            <Line
              dataKey="ahead"
              stroke="var(--river)"
              strokeWidth={2.5}
              strokeDasharray="3 6"
              strokeLinecap="round"
              dot={false}
              activeDot={false}
              isAnimationActive={false}
            />
            <ReferenceLine
              y={forecast.bpm}
              stroke="var(--moss)"
              strokeWidth={2}
              label={{
                value: `goal ${short(forecast.bpm)} bpm`,
                position: 'insideTopLeft',
                fill: 'var(--moss-text)',
                fontSize: 13.5,
              }}
            />
            <ReferenceLine
              x={today}
              stroke="var(--sand-edge)"
              label={{ value: 'today', position: 'top', ...SOFT }}
            />
            <ReferenceLine
              x={forecast.date}
              stroke="var(--moss)"
              strokeWidth={2}
              label={{
                value: dayOf(forecast.date),
                position: 'top',
                fontSize: 13.5,
                fill: 'var(--moss-text)',
              }}
            />
            <Scatter
              dataKey="best"
              fill="var(--slate)"
              stroke="var(--slate-edge)"
              isAnimationActive={false}
            />
            <Tooltip
              labelFormatter={(day) => dayOf(String(day))}
              formatter={(value, name) =>
                Array.isArray(value)
                  ? [`${short(Number(value[0]))} to ${short(Number(value[1]))} bpm`, 'likely between']
                  : [`${short(Number(value))} bpm`, NAMES[String(name)] ?? String(name)]
              }
              itemStyle={{ color: 'var(--ink)' }}
              labelStyle={{ color: 'var(--ink-soft)' }}
              contentStyle={{ background: 'var(--card)', border: '1px solid var(--line)', borderRadius: 10 }}
            />
          </ComposedChart>
        </ResponsiveContainer>
      </div>
      <figcaption>
        {tempos.length} {tempos.length === 1 ? 'day' : 'days'} with clean takes in four weeks
        {forecast.gainAWeek != null && `; they gain ${short(forecast.gainAWeek)} bpm a week`}
        {forecast.neededAWeek != null &&
          forecast.neededAWeek > 0 &&
          `; ${short(forecast.neededAWeek)} ${forecast.gainAWeek == null ? 'bpm a week ' : ''}needed`}
        . The water holds the true way in four of five cases.
      </figcaption>
    </figure>
  );
}
