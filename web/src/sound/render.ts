import * as Tone from 'tone';
import { roundOf, type Bar, type BarPlan } from './bars';
import { LapClock } from './lapClock';
import { LoopClock } from './loopClock';
import type { SoundPart } from './mix';
import { makeKit, soundBar } from './sounds';
import { soundTone } from './tones';

/** What an offline render found. */
export interface Rendered {
  clicks: number;
  /** The largest distance of a click from its computed time, in milliseconds. */
  worstMs: number;
  /** The mean of the last hundred distances less the mean of the first hundred: what would be drift. */
  driftMs: number;
  missing: number;
  /** Sounds where none should be, as in a silent bar. */
  extra: number;
}

/** A bar and when it sounds, in seconds from the start. */
interface Due {
  bar: Bar;
  at: number;
}

const RATE = 44_100;
const PIECE_SECONDS = 60;
const START_SECONDS = 0.1;
/** Above this a sample belongs to a click. */
const SILENCE = 0.02;
const QUIET_SECONDS = 0.05;
/** A click that comes earlier than this before its time belongs to none. */
const EARLIEST_SECONDS = 0.02;

/** The bars of a loop in which one plan after the other takes over every few bars, as if it were changed while it plays. */
export function loopBars(plans: BarPlan[], seconds: number, everyBars: number): Due[] {
  const clock = new LoopClock(plans[0]!, START_SECONDS);
  const due: Due[] = [];
  let bars = 0;
  while ((due.at(-1)?.at ?? 0) < seconds) {
    const next = clock.dueBefore((due.at(-1)?.at ?? 0) + (due.at(-1)?.bar.seconds ?? 0.2) + 1e-6);
    due.push(...next);
    bars += next.length;
    if (bars % everyBars === 0) clock.change(plans[(bars / everyBars) % plans.length]!);
  }
  return due;
}

/** The bars of a practice run: lap after lap of these plans, round and round, until so many seconds are full. */
export function runBars(plans: BarPlan[], seconds: number): Due[] {
  const laps = [];
  let full = 0;
  for (let i = 0; full < seconds; i++) {
    const plan = plans[i % plans.length]!;
    laps.push({ plan, voice: false, sounding: roundOf(plan, Math.floor(i / plans.length)) });
    full += plan.bars.slice(plan.loop).reduce((sum, bar) => sum + bar.seconds, 0);
  }
  return new LapClock(laps, START_SECONDS).dueBefore(seconds);
}

/**
 * Renders bars through the same sounds as when they are heard, but without a loudspeaker, and measures every onset in the
 * samples against its computed time.
 */
export async function render(due: Due[], seconds: number): Promise<Rendered> {
  const expected = due
    .flatMap((one) => one.bar.clicks.map((click) => one.at + click.at))
    .filter((at) => at < seconds);
  const distances: number[] = [];
  let missing = 0;
  let extra = 0;
  // Rendered piece by piece, so that an hour needs no more memory than a minute.
  for (let from = 0; from < seconds; from += PIECE_SECONDS) {
    const to = Math.min(seconds, from + PIECE_SECONDS);
    const inPiece = due.filter((one) => one.at + one.bar.seconds > from && one.at < to);
    const samples = await piece(inPiece, from, to);
    const here = expected.filter((time) => time >= from && time < to).map((time) => time - from);
    for (const at of here.filter((time) => time >= QUIET_SECONDS && time < to - from - QUIET_SECONDS)) {
      const found = onset(samples, at);
      if (found === undefined) missing += 1;
      else distances.push((found - at) * 1000);
    }
    extra += strays(samples, here);
  }
  const mean = (list: number[]) => list.reduce((sum, one) => sum + one, 0) / Math.max(1, list.length);
  return {
    clicks: distances.length,
    worstMs: distances.reduce((worst, one) => Math.max(worst, Math.abs(one)), 0),
    driftMs: mean(distances.slice(-100)) - mean(distances.slice(0, 100)),
    missing,
    extra,
  };
}

async function piece(due: Due[], from: number, to: number): Promise<Float32Array> {
  const buffer = await Tone.Offline(
    () => {
      const kit = makeKit();
      for (const one of due) {
        const clicks = one.bar.clicks.filter((click) => one.at + click.at >= from && one.at + click.at < to);
        soundBar(kit, { ...one.bar, clicks, drums: [], tones: [] }, one.at - from, false);
      }
    },
    to - from,
    1,
    RATE,
  );
  return buffer.getChannelData(0);
}

/** What a render of the notes beside the line found, of one part. */
export interface RenderedPart {
  part: SoundPart;
  onsets: number;
  /** The largest distance of an onset from its computed time, in samples. */
  worstSamples: number;
  missing: number;
}

/** A sample is found this close to its time, or it is missing. */
const NEAR_SAMPLES = 40;

/** Renders each part beside the line alone, through the sounds that are heard, and measures the first sample of every onset. */
export async function renderTones(due: Due[], seconds: number): Promise<RenderedPart[]> {
  const all = due.flatMap((one) => one.bar.tones.map((tone) => ({ ...tone, at: one.at + tone.at })));
  const parts = [...new Set(all.map((tone) => tone.part))];
  const found: RenderedPart[] = [];
  for (const part of parts) {
    const own = all.filter((tone) => tone.part === part && tone.at + tone.length < seconds);
    const buffer = await Tone.Offline(
      () => own.forEach((tone) => soundTone(tone, tone.at, Tone.getDestination())),
      seconds,
      1,
      RATE,
    );
    found.push({ part, ...onsetsOf(buffer.getChannelData(0), [...new Set(own.map((tone) => tone.at))]) });
  }
  return found;
}

function onsetsOf(samples: Float32Array, times: number[]): Omit<RenderedPart, 'part'> {
  let worstSamples = 0;
  let missing = 0;
  for (const time of times) {
    const exact = time * RATE;
    let at = Math.max(0, Math.floor(exact) - NEAR_SAMPLES);
    while (at < exact + NEAR_SAMPLES && samples[at] === 0) at += 1;
    if (at >= exact + NEAR_SAMPLES) missing += 1;
    else worstSamples = Math.max(worstSamples, Math.abs(at - exact));
  }
  return { onsets: times.length, worstSamples, missing };
}

/** How many sounds there are that belong to no click. */
function strays(samples: Float32Array, expected: number[]): number {
  let found = 0;
  let next = 0;
  for (let i = 0; i < samples.length; i++) {
    if (Math.abs(samples[i]!) <= SILENCE) continue;
    const at = i / RATE;
    while (next < expected.length && expected[next]! + QUIET_SECONDS < at) next += 1;
    if (expected[next] !== undefined && expected[next]! - EARLIEST_SECONDS <= at) continue;
    found += 1;
    // What goes on sounding is counted once.
    i += Math.round(QUIET_SECONDS * RATE);
  }
  return found;
}

/** The first loud sample near a time, in seconds; nothing where there is only silence. */
function onset(samples: Float32Array, near: number): number | undefined {
  const start = Math.max(0, Math.floor((near - 0.02) * RATE));
  const end = Math.min(samples.length, Math.ceil((near + 0.02) * RATE));
  for (let i = start; i < end; i++) if (Math.abs(samples[i]!) > SILENCE) return i / RATE;
  return undefined;
}
