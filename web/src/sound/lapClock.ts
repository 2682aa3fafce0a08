import { roundOf, silent, type Bar, type BarPlan } from './bars';

/** Once through a line: what sounds in it, and whether a voice plays. */
export interface Lap {
  plan: BarPlan;
  voice: boolean;
  /** Which bars of the line sound. */
  sounding: boolean[];
}

/** The line once, and no more. */
export function onceThrough(plan: BarPlan, voice: boolean): Lap {
  return { plan, voice, sounding: roundOf(plan, 0) };
}

/** A bar that is to sound, exactly when, and in which lap. */
export interface DueBar {
  bar: Bar;
  /** Its downbeat on the audio clock, in seconds. */
  at: number;
  lap: number;
}

/**
 * Walks through laps: the count-in of the first, then lap after lap, each beginning exactly at the bar line where the one
 * before ends, whatever its tempo.
 */
export class LapClock {
  private readonly laps: readonly Lap[];
  private lap = 0;
  private bar = 0;
  private nextAt: number;
  /** When the first note of each lap is due, as far as its bars were handed out. */
  readonly firstNotes: number[] = [];

  constructor(laps: readonly Lap[], startAt: number) {
    this.laps = laps;
    this.nextAt = startAt;
    this.firstNotes.push(startAt + laps[0]!.plan.toFirstNote);
  }

  /** Whether every bar was handed out. */
  get isOver(): boolean {
    return this.lap >= this.laps.length;
  }

  /** Where the last bar that was handed out ends. */
  get endsAt(): number {
    return this.nextAt;
  }

  /** The bars that begin before a moment and have not been handed out yet. */
  dueBefore(moment: number): DueBar[] {
    const due: DueBar[] = [];
    while (!this.isOver && this.nextAt < moment) {
      const { plan, sounding } = this.laps[this.lap]!;
      const whole = plan.bars[this.bar]!;
      const bar = this.bar < plan.loop || sounding[this.bar - plan.loop] ? whole : silent(whole);
      due.push({ bar, at: this.nextAt, lap: this.lap });
      this.nextAt += bar.seconds;
      this.bar += 1;
      if (this.bar >= plan.bars.length) this.begin(this.lap + 1);
    }
    return due;
  }

  private begin(lap: number) {
    this.lap = lap;
    const plan = this.laps[lap]?.plan;
    this.bar = plan?.loop ?? 0;
    if (!plan) return;
    const counted = plan.bars.slice(0, plan.loop).reduce((sum, bar) => sum + bar.seconds, 0);
    this.firstNotes.push(this.nextAt + plan.toFirstNote - counted);
  }
}
