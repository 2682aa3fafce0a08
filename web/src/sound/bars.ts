import type { ClicksDocument, Drone, PassageDocument } from '../api/types';
import { never } from '../never';
import type { SoundPart } from './mix';

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

export interface BarDrum {
  at: number;
  drum: 'low' | 'soft' | 'high';
  strong: boolean;
}

/** A note beside the line: of a further voice, a chord or the bass. */
export interface BarTone {
  at: number;
  kind: 'voice' | 'chords' | 'bass';
  part: SoundPart;
  hertz: number;
  length: number;
  /** Of a further voice, which voice and which of its notes. */
  note?: { voice: number; index: number };
}

/** The notes of a drone from a time of the bar on: tonic and fifth. */
export interface BarDrone {
  at: number;
  hertz: [number, number];
}

/** One bar of a passage as it sounds. */
export interface Bar {
  seconds: number;
  clicks: BarClick[];
  notes: BarNote[];
  tones: BarTone[];
  drums: BarDrum[];
  /** When the foot taps. */
  foot: number[];
  /** Where a drone goes to another key. */
  drone: BarDrone[];
}

/** A passage cut into bars: the count-in, then the bars that come round again and again. */
export interface BarPlan {
  bars: Bar[];
  /** The first bar after the count-in. */
  loop: number;
  /** Which bars of the line sound, lap by lap until it comes round to the first; the others are silent. */
  rounds: boolean[][];
  /** From the first bar to the first note, in seconds. */
  toFirstNote: number;
}

/** A note ends a little before the next one begins. */
const SOUNDING = 0.92;
const ALMOST = 1e-6;

/** Cuts a passage with its clicks and pulse into bars. All times come from the passage; nothing is worked out here. */
export function barsOf(passage: PassageDocument): BarPlan {
  const clicks = passage.clicks!;
  const { barMs, bars: count } = clicks;
  const bars: Bar[] = Array.from({ length: count }, () => ({
    seconds: barMs / 1000,
    clicks: [],
    notes: [],
    tones: [],
    drums: [],
    foot: [],
    drone: [],
  }));
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
  for (const hit of clicks.drums) {
    const where = place(hit.ms);
    where.bar.drums.push({ at: where.at, drum: hit.drum, strong: hit.strong });
  }
  for (const ms of clicks.foot.ms) {
    const where = place(ms);
    where.bar.foot.push(where.at);
  }
  for (const { ms, tonicHz, fifthHz } of clicks.drone.along ?? []) {
    const where = place(ms);
    where.bar.drone.push({ at: where.at, hertz: [tonicHz, fifthHz] });
  }
  for (const note of passage.notes) {
    const where = place(note.ms);
    where.bar.notes.push({
      at: where.at,
      index: note.index,
      hertz: clicks.voiceHz[note.index]!,
      length: (note.durationMs * SOUNDING) / 1000,
    });
  }
  const beside = (
    tones: { ms: number; durationMs: number; hz: number }[],
    kind: BarTone['kind'],
    part: SoundPart,
    voice?: number,
  ) => {
    tones.forEach((tone, index) => {
      const where = place(tone.ms);
      const length = (tone.durationMs * SOUNDING) / 1000;
      const note = voice === undefined ? undefined : { voice, index };
      where.bar.tones.push({ at: where.at, kind, part, hertz: tone.hz, length, note });
    });
  };
  clicks.voices?.forEach((voice, i) => beside(voice.notes, 'voice', `voice ${i}`, i));
  if (clicks.company) {
    beside(clicks.company.chords, 'chords', 'chords');
    beside(clicks.company.bass, 'bass', 'bass');
  }
  return {
    bars,
    loop: clicks.countInBars,
    rounds: clicks.rounds,
    toFirstNote: -clicks.startMs / 1000,
  };
}

/** A plan of clicks and nothing else, as for a test: when they sound and when it is over, in milliseconds. */
export function clicksAlone(clicksMs: number[], endMs: number): BarPlan {
  const clicks = clicksMs.map((ms) => ({ at: ms / 1000, kind: 'plain' as const }));
  const bar = { seconds: endMs / 1000, clicks, notes: [], tones: [], drums: [], foot: [], drone: [] };
  return { bars: [bar], loop: 0, rounds: [[true]], toFirstNote: 0 };
}

/** What a bar sounds like where it is its turn to be silent; its notes and the foot go on. */
export function silent(bar: Bar): Bar {
  return { ...bar, clicks: [], drums: [] };
}

/** The bars that sound in a lap of a line that is played again and again. */
export function roundOf({ rounds }: BarPlan, lap: number): boolean[] {
  return rounds[lap % rounds.length]!;
}

/** The notes of a drone: as the step asks, or as the student does. */
export function droneOf(
  drone: ClicksDocument['drone'],
  wish: 'off' | Drone = drone.asked ?? 'off',
): number[] {
  switch (wish) {
    case 'off':
      return [];
    case 'tonic':
      return [drone.tonicHz];
    case 'tonic-and-fifth':
      return [drone.tonicHz, drone.fifthHz];
    default:
      return never(wish);
  }
}
