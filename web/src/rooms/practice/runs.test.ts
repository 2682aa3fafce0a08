import { describe, expect, it } from 'vitest';
import type { Ahead, LapsView, RungToPlay, TakeRequest, TodayItem } from '../../api/types';
import { advanced, after, foreseen, listOf, type KeptWeek } from './foreseen';
import { lapsOf, needsWeek, rungsOf, timesPlayed, wishOf } from './runPlan';
import type { SoundWish } from './useSound';

const rung = (at: string, index: number, next?: string) =>
  ({ at, rung: index, bpm: 60 + 4 * index, next, cautions: [], played: [] }) as unknown as RungToPlay;
const state = (at: number, cleanInRow: number, to: { clean?: number; under?: number; missed?: number }) =>
  ({
    rung: at,
    cleanInRow,
    kind: 'on-course',
    sentence: `rung ${at}, ${cleanInRow} clean`,
    ...to,
  }) as Ahead['states'][number];

/** Two rungs of which each wants two clean takes in a row. */
const AHEAD = {
  assignmentId: 7,
  edition: 1,
  rungs: [rung('0', 0, '1'), rung('1', 1)],
  states: [
    state(0, 0, { clean: 1, under: 0, missed: 0 }),
    state(0, 1, { clean: 2, under: 1, missed: 0 }),
    state(1, 0, { missed: 0 }),
  ],
} as Ahead;
const WEEK = { days: [], ahead: [AHEAD], runs: [], reached: {} } as unknown as KeptWeek;
const ITEM = {
  assignmentId: 7,
  toPlay: { rungs: [60, 64], here: AHEAD.rungs[0] },
  standing: { sentence: 'as the studio said' },
  day: { takes: 1, clean: 0, seconds: 20 },
} as unknown as TodayItem;
const take = (outcome: TakeRequest['outcome'], bpm: number) =>
  ({ assignmentId: 7, outcome, bpm, seconds: 10 }) as unknown as TakeRequest;

describe('what is foreseen without network', () => {
  it('follows the states that the studio gave', () => {
    const two = foreseen(ITEM, WEEK, [take('clean', 60), take('clean', 60)]);
    expect(two.toPlay.here.at).toBe('1');
    expect([two.day.takes, two.day.clean, two.day.seconds]).toEqual([3, 2, 40]);
  });

  it('counts a clean take under the rung apart from one on it', () => {
    const second = AHEAD.states.length - 1;
    expect(after(AHEAD, 1, take('clean', 60), [60, 64])).toBe(2);
    expect(after(AHEAD, 1, take('stopped', 60), [60, 64])).toBe(0);
    // Where the studio foresaw nothing, nothing is made up.
    expect(after(AHEAD, second, take('clean', 64), [60, 64])).toBe(-1);
  });

  it('says that it is kept where nothing was foreseen', () => {
    const beyond = foreseen(
      ITEM,
      WEEK,
      ['a', 'b', 'c'].map(() => take('clean', 64)),
    );
    expect(beyond.standing.sentence).toMatch(/^Kept here/);
    expect(beyond.day.takes).toBe(4);
    expect(foreseen(ITEM, undefined, [take('clean', 60)]).standing.sentence).toMatch(/^Kept here/);
  });

  it('leaves the items alone that were not played, and goes on from what has arrived', () => {
    expect(foreseen(ITEM, WEEK, [{ ...take('clean', 60), assignmentId: 8 }])).toBe(ITEM);
    const later = advanced(WEEK, take('clean', 60), ITEM);
    expect(foreseen(ITEM, later, [take('clean', 60)]).toPlay.here.at).toBe('1');
    expect(WEEK.reached).toEqual({});
  });

  it("shows a day's own list, and the last one where the week does not reach", () => {
    const today = { day: '2026-11-29', items: [] } as unknown as Parameters<typeof listOf>[1];
    const tomorrow = { day: '2026-11-30', items: [] } as unknown as NonNullable<typeof today>;
    const week = { ...WEEK, days: [tomorrow] } as KeptWeek;
    expect(listOf('2026-11-29', today, week)).toBe(today);
    expect(listOf('2026-11-30', today, week)).toBe(tomorrow);
    expect(listOf('2026-12-24', today, week)).toBe(today);
  });
});

describe('a run of several times', () => {
  const WISH: SoundWish = { times: 2, voice: 'every-second', every: 1, latencyMs: 0 };
  const SHAPE: LapsView = {
    voice: 'every-second',
    every: 1,
    laps: [
      { rung: 0, voice: true, student: false },
      { rung: 0, voice: false, student: true },
      { rung: 1, voice: true, student: false },
      { rung: 1, voice: false, student: true },
      { rung: 2, voice: true, student: false },
    ],
  };

  it('ends when the student has played as often as wished, on the rungs that are there', () => {
    const laps = lapsOf(AHEAD.rungs[0]!, AHEAD, [SHAPE], WISH);
    expect(laps.map((lap) => [lap.rung.at, lap.student])).toEqual([
      ['0', false],
      ['0', true],
      ['1', false],
      ['1', true],
    ]);
    expect(timesPlayed(laps, 3).map((one) => one.at)).toEqual(['0']);
    expect(rungsOf(timesPlayed(laps, 4)).map((one) => one.at)).toEqual(['0', '1']);
  });

  it('is once through where the studio gave no shape for it', () => {
    expect(lapsOf(AHEAD.rungs[0]!, AHEAD, undefined, WISH)).toHaveLength(1);
    expect(needsWeek(WISH)).toBe(true);
    expect(needsWeek({ ...WISH, times: 1, voice: 'with' })).toBe(false);
  });

  it('is once through and alone while taps are held against it', () => {
    expect(wishOf(WISH, true, false)).toEqual({ ...WISH, times: 1, every: 0, voice: 'without' });
    expect(wishOf(WISH, false, true)).toEqual({ ...WISH, every: 0 });
    expect(wishOf(WISH, false, false)).toBe(WISH);
  });
});
