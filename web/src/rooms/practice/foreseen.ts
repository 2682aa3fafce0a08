import type { Ahead, TakeRequest, Today, TodayItem, Week } from '../../api/types';

/** A week as it was given, and how far the student has gone along what was foreseen since. */
export interface KeptWeek extends Week {
  /** By assignment: the state it stands in; absent where it stands in the first, -1 where nothing was foreseen. */
  reached: Record<number, number>;
}

const UNKNOWN = -1;
const KEPT = 'Kept here. Where you stand is said when the studio is reached.';

/** The state after a take, as the studio foresaw it. */
export function after(ahead: Ahead, state: number, take: TakeRequest, rungs: number[]): number {
  const from = ahead.states[state];
  if (!from) return UNKNOWN;
  const missed = take.outcome !== 'clean';
  const reached = rungs.indexOf(take.bpm) >= ahead.rungs[from.rung]!.rung;
  return (missed ? from.missed : reached ? from.clean : from.under) ?? UNKNOWN;
}

/** A day's item as it stands after takes that the studio has not seen yet. */
export function foreseen(item: TodayItem, week: KeptWeek | undefined, takes: TakeRequest[]): TodayItem {
  const own = takes.filter((take) => take.assignmentId === item.assignmentId);
  if (own.length === 0) return item;
  const ahead = week?.ahead.find((one) => one.assignmentId === item.assignmentId);
  const day = {
    ...item.day,
    takes: item.day.takes + own.length,
    clean: item.day.clean + own.filter((take) => take.outcome === 'clean').length,
    seconds: item.day.seconds + own.reduce((sum, take) => sum + (take.seconds ?? 0), 0),
  };
  let state = ahead ? (week!.reached[item.assignmentId] ?? 0) : UNKNOWN;
  for (const take of own) state = ahead ? after(ahead, state, take, item.toPlay.rungs) : UNKNOWN;
  const reached = ahead?.states[state];
  if (!reached) return { ...item, day, standing: { ...item.standing, sentence: KEPT } };
  const { cleanInRow, kind, sentence } = reached;
  return {
    ...item,
    day,
    toPlay: { ...item.toPlay, here: ahead!.rungs[reached.rung]! },
    standing: { ...item.standing, cleanInRow, kind, sentence },
  };
}

/** A week in which one take has become known to the studio. */
export function advanced(week: KeptWeek, take: TakeRequest, item: TodayItem): KeptWeek {
  const ahead = week.ahead.find((one) => one.assignmentId === take.assignmentId);
  if (!ahead) return week;
  const state = after(ahead, week.reached[take.assignmentId] ?? 0, take, item.toPlay.rungs);
  return { ...week, reached: { ...week.reached, [take.assignmentId]: state } };
}

/** The list of a day: the studio's own where it is fresh, else the one that was kept for that day. */
export function listOf(day: string, today: Today | undefined, week: KeptWeek | undefined): Today | undefined {
  if (!today || today.day === day) return today;
  return week?.days.find((one) => one.day === day) ?? today;
}
