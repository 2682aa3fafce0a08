import { roundOf, silent, type Bar, type BarPlan } from './bars';

/** A bar that is to sound, and exactly when. */
export interface Due {
  bar: Bar;
  /** Its downbeat on the audio clock, in seconds. */
  at: number;
}

/**
 * Walks through the bars of a plan again and again. Where the plan is changed, the next bar is already the new one's, and
 * begins exactly where the bar before ends: there is no gap and nothing drifts, whatever is changed; silent bars take their turns on.
 */
export class LoopClock {
  private plan: BarPlan;
  private next = 0;
  /** How often it has come round. */
  private lap = 0;
  private nextAt: number;

  constructor(plan: BarPlan, startAt: number) {
    this.plan = plan;
    this.nextAt = startAt;
  }

  /** Takes effect with the next bar that has not been handed out. */
  change(plan: BarPlan) {
    const counting = this.next < this.plan.loop;
    const inLoop = this.next - this.plan.loop;
    this.plan = plan;
    this.next = counting ? Math.min(this.next, plan.loop) : plan.loop + inLoop;
    if (this.next >= plan.bars.length) this.next = plan.loop;
  }

  /** The bars that begin before a moment and have not been handed out yet. */
  dueBefore(moment: number): Due[] {
    const due: Due[] = [];
    while (this.nextAt < moment) {
      const whole = this.plan.bars[this.next]!;
      const line = this.next - this.plan.loop;
      const bar = line < 0 || roundOf(this.plan, this.lap)[line] ? whole : silent(whole);
      due.push({ bar, at: this.nextAt });
      this.nextAt += bar.seconds;
      this.next += 1;
      if (this.next < this.plan.bars.length) continue;
      this.next = this.plan.loop;
      this.lap += 1;
    }
    return due;
  }
}
