import type { PassageDocument } from '../api/types';

/** A sound of one bar, in seconds from its downbeat. */
export interface BarClick {
  at: number;
  kind: 'accent' | 'plain' | 'between';
  /** The beat it counts, in a count-in. */
  count?: number;
}

export interface BarNote {
  at: number;
  index: number;
  hertz: number;
  length: number;
}

/** One bar of a passage as it sounds. */
export interface Bar {
  seconds: number;
  clicks: BarClick[];
  notes: BarNote[];
}

/** A passage cut into bars: the count-in, then the bars that come round again and again. */
export interface BarPlan {
  bars: Bar[];
  /** The first bar after the count-in. */
  loop: number;
}

const A4 = 440;
/** A note ends a little before the next one begins. */
const SOUNDING = 0.92;
const ALMOST = 1e-6;

/** Cuts a passage with its clicks and pulse into bars. All times come from the passage; nothing is worked out here. */
export function barsOf(passage: PassageDocument): BarPlan {
  const clicks = passage.clicks!;
  const { barMs, bars: count } = clicks;
  const bars: Bar[] = Array.from({ length: count }, () => ({ seconds: barMs / 1000, clicks: [], notes: [] }));
  const place = (ms: number) => {
    const from = (ms - clicks.startMs) / barMs;
    const at = Math.min(count - 1, Math.floor(from + ALMOST));
    return { bar: bars[at]!, at: Math.max(0, (ms - clicks.startMs - at * barMs) / 1000) };
  };
  for (const click of clicks.clicks) {
    const where = place(click.ms);
    where.bar.clicks.push({
      at: where.at,
      kind: click.accent ? 'accent' : click.between ? 'between' : 'plain',
      count: click.countIn ? click.beat : undefined,
    });
  }
  for (const note of passage.notes) {
    const where = place(note.ms);
    where.bar.notes.push({
      at: where.at,
      index: note.index,
      hertz: A4 * 2 ** ((note.midi - 69) / 12),
      length: (note.durationMs * SOUNDING) / 1000,
    });
  }
  return { bars, loop: clicks.countInBars };
}
