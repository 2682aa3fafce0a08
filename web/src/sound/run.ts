import * as Tone from 'tone';
import { drone } from './drone';
import type { Lit } from './lights';
import { LapClock, type DueBar, type Lap } from './lapClock';
import type { Mix } from './mix';
import { makeKit, soundBar, type Kit } from './sounds';
import type { Handed } from './tones';

/** What the screen hears about while laps sound; every call comes in time with what is heard. */
export interface RunListener {
  /** A click of the count-in, by the beat it counts; undefined when the line begins. */
  onCount(beat: number | undefined): void;
  onNote: Lit;
  onLap(lap: number): void;
  onFoot(): void;
  /** How many laps were played to their end, and for how many seconds it sounded. */
  onEnd(laps: number, seconds: number): void;
  /** Told once, before the first click: from a time of the page's clock to milliseconds from the first note. */
  onClock(fromFirstNote: (performanceMs: number) => number): void;
}

export interface RunWish {
  laps: Lap[];
  /** What sounds all along, in hertz. */
  drone: number[];
  /** How loud each part sounds. */
  mix: Mix;
  /** By how much what is heard is later than the browser knows, in milliseconds. */
  latencyMs: number;
}

const LEAD_SECONDS = 0.12;
/** How far ahead bars are handed to the audio clock: a busy page is no reason for a late click. */
const AHEAD_SECONDS = 1.2;
const LOOK_MS = 60;

let kit: Kit | undefined;

/** When the page's clock says that a moment of the audio clock is heard; the loudspeaker's own delay is in it. */
function heardAt(contextSeconds: number): number {
  const raw = Tone.getContext().rawContext as unknown as AudioContext;
  const stamp = raw.getOutputTimestamp?.();
  const known = stamp?.performanceTime ? stamp : undefined;
  const context = known?.contextTime ?? raw.currentTime;
  const page = known?.performanceTime ?? performance.now();
  return page + (contextSeconds - context) * 1000;
}

/**
 * Plays laps. Every click, drum and note is handed to the audio clock ahead of its computed time; nothing is timed by the
 * page. Returns how to stop it.
 */
export async function run(wish: RunWish, listener: RunListener): Promise<() => void> {
  await Tone.start();
  const context = Tone.getContext();
  kit ??= makeKit();
  const sounds = kit;
  sounds.mix(wish.mix);
  const painter = Tone.getDraw();
  const raw = context.rawContext as unknown as AudioContext;
  // What is seen waits for what is heard: the loudspeaker's delay, and the one that the browser does not know.
  const late = (raw.outputLatency || 0) + wish.latencyMs / 1000;
  const start = context.currentTime + LEAD_SECONDS;
  const clock = new LapClock(wish.laps, start);
  const beneath = wish.drone.length > 0 ? drone(wish.drone) : undefined;
  let over = false;
  let heard = 0;
  let finished = 0;
  let ahead: Handed[] = [];
  const paint = (what: () => void, at: number) => painter.schedule(() => !over && what(), at + late);
  const sound = ({ bar, at, lap }: DueBar) => {
    ahead = [...ahead.slice(-200), ...soundBar(sounds, bar, at, wish.laps[lap]!.voice)];
    if (lap > heard) {
      heard = lap;
      paint(() => {
        finished = lap;
        listener.onLap(lap);
      }, at);
    }
    const counting = bar.clicks.some((click) => click.count !== undefined);
    for (const click of bar.clicks) paint(() => listener.onCount(click.count), at + click.at);
    if (!counting) paint(() => listener.onCount(undefined), at);
    for (const tap of bar.foot) paint(() => listener.onFoot(), at + tap);
    for (const change of bar.drone) beneath?.tune(change.hertz, at + change.at);
    for (const note of bar.notes) paint(() => listener.onNote(note.index), at + note.at);
    for (const { note, at: since } of bar.tones) {
      if (note) paint(() => listener.onNote(note.index, note.voice), at + since);
    }
  };
  const finish = (laps: number) => {
    if (over) return;
    over = true;
    context.clearInterval(looking);
    painter.cancel(0);
    ahead.forEach((source) => source.dispose());
    // The voice may have notes ahead that were cut off: a new one is made for the next run.
    sounds.dispose();
    kit = undefined;
    beneath?.hush();
    listener.onNote(undefined);
    listener.onCount(undefined);
    listener.onEnd(laps, Math.max(0, context.currentTime - start));
  };
  const look = () => {
    clock.dueBefore(context.currentTime + AHEAD_SECONDS).forEach(sound);
    if (clock.isOver && context.currentTime >= clock.endsAt + late) finish(wish.laps.length);
  };
  const looking = context.setInterval(look, LOOK_MS / 1000);
  look();
  listener.onClock((at) => at - heardAt(clock.firstNotes[0]!) - wish.latencyMs);
  return () => finish(finished);
}
