import { describe, expect, it } from 'vitest';
import type { PassageDocument } from '../api/types';
import { barsOf, roundOf, type Bar, type BarPlan } from './bars';
import { LapClock } from './lapClock';
import { LoopClock } from './loopClock';
import sounded from './sounded.json';

const bar = (seconds: number): Bar => ({
  seconds,
  clicks: [{ at: 0, kind: 'plain' }],
  notes: [],
  tones: [],
  drone: [],
  drums: [],
  foot: [],
});

/** A count-in of one bar and so many bars of a line. */
const plan = (
  seconds: number,
  bars: number,
  rounds = [Array.from({ length: bars }, () => true)],
): BarPlan => ({
  bars: Array.from({ length: bars + 1 }, () => bar(seconds)),
  loop: 1,
  rounds,
  toFirstNote: seconds,
});

describe('a loop', () => {
  it('goes round without a gap, and counts in once', () => {
    const due = new LoopClock(plan(2, 2), 10).dueBefore(20);
    expect(due.map((one) => one.at)).toEqual([10, 12, 14, 16, 18]);
  });

  it('hands out every bar once, however it is asked', () => {
    const clock = new LoopClock(plan(2, 2), 0);
    expect(clock.dueBefore(3).map((one) => one.at)).toEqual([0, 2]);
    expect(clock.dueBefore(3)).toEqual([]);
    expect(clock.dueBefore(5).map((one) => one.at)).toEqual([4]);
  });

  it('takes another tempo from the next bar line on', () => {
    const clock = new LoopClock(plan(2, 2), 0);
    clock.dueBefore(3);
    clock.change(plan(1, 2));
    expect(clock.dueBefore(7).map((one) => one.at)).toEqual([4, 5, 6]);
  });

  it('begins the line again where the new one has fewer bars', () => {
    const clock = new LoopClock(plan(2, 4), 0);
    clock.dueBefore(7);
    const shorter = plan(1, 2);
    shorter.bars[1] = bar(0.5);
    clock.change(shorter);
    expect(clock.dueBefore(9)[0]!.bar.seconds).toBe(0.5);
  });
});

describe('laps', () => {
  it('follow each other at the bar line, each at its own tempo', () => {
    const clock = new LapClock(
      [
        { plan: plan(2, 2), voice: true, sounding: [true] },
        { plan: plan(1, 2), voice: false, sounding: [true] },
      ],
      100,
    );
    const due = clock.dueBefore(1000);
    expect(due.map((one) => [one.at, one.lap])).toEqual([
      [100, 0],
      [102, 0],
      [104, 0],
      [106, 1],
      [107, 1],
    ]);
    expect(clock.isOver).toBe(true);
    expect(clock.endsAt).toBe(108);
    // The count-in was played once: the second lap's first note is on its first bar line.
    expect(clock.firstNotes).toEqual([102, 106]);
  });

  it('keep the turns of silent bars over all laps', () => {
    const silent = plan(1, 3, [
      [true, false, true],
      [false, true, false],
    ]);
    const clock = new LapClock(
      [
        { plan: silent, voice: true, sounding: silent.rounds[0]! },
        { plan: silent, voice: true, sounding: silent.rounds[1]! },
      ],
      0,
    );
    const [countIn, ...played] = clock.dueBefore(100).map((one) => one.bar.clicks.length > 0);
    expect(countIn).toBe(true);
    // Three bars a lap: the second lap begins silent, where the first would have gone on.
    expect(played).toEqual([true, false, true, false, true, false]);
  });
});

/** As the core worked it out: SoundedTest writes the file. */
describe.each(sounded)('$name, $times times', ({ times, passage, clicksMs }) => {
  const given = passage as unknown as PassageDocument;

  it('sounds when the core says', () => {
    const plan = barsOf(given);
    const clock = new LapClock(
      Array.from({ length: times }, (_, i) => ({ plan, voice: false, sounding: roundOf(plan, i) })),
      given.clicks!.startMs / 1000,
    );
    const heard = clock
      .dueBefore(1000)
      .flatMap((due) => due.bar.clicks.map((click) => 1000 * (due.at + click.at)));
    expect(heard).toHaveLength(clicksMs.length);
    const apart = heard.map((ms, i) => Math.abs(ms - clicksMs[i]!));
    // Three decimals of a millisecond are given for each bar.
    expect(Math.max(...apart)).toBeLessThan(0.02);
    expect(clock.isOver).toBe(true);
  });

  it('has every note in its bar', () => {
    const plan = barsOf(given);
    const [first] = given.notes;
    const at = plan.bars.flatMap((bar, i) =>
      bar.notes.map((note) => 1000 * (i * plan.bars[0]!.seconds + note.at)),
    );
    expect(at).toHaveLength(given.noteCount);
    expect(at[0]! + given.clicks!.startMs).toBeCloseTo(first!.ms, 2);
    expect(at.at(-1)! - at[0]!).toBeCloseTo(given.notes.at(-1)!.ms - first!.ms, 2);
  });
});
