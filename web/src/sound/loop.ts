import * as Tone from 'tone';
import type { PassageDocument } from '../api/types';
import { barsOf, droneOf } from './bars';
import { drone } from './drone';
import type { Lit } from './lights';
import { LoopClock, type Due } from './loopClock';
import { mixOf, partsOf, type Levels } from './mix';
import { makeKit, soundBar } from './sounds';
import type { Handed } from './tones';

/** What the screen hears about while a loop sounds; every call comes in time with the sound. */
export interface Listener {
  /** A click of the count-in, by the beat it counts; undefined when the line begins. */
  onCount(beat: number | undefined): void;
  onNote: Lit;
  onEnd(): void;
}

const LEAD_SECONDS = 0.12;
/** How far ahead bars are handed to the audio clock; what is changed is heard from the bar after. */
const AHEAD_SECONDS = 0.3;
const LOOK_MS = 40;
const MOST_AHEAD = 64;

/** A passage that plays round and round until it is stopped. */
export interface Loop {
  change(passage: PassageDocument): void;
  /** Sets the levels of what sounds. */
  mix(levels: Levels): void;
  stop(): void;
}

/**
 * Plays a passage in a loop: every bar is handed to the audio clock ahead of its time; the page only looks now and then
 * whether the next one is due, so nothing is timed by it.
 */
export async function loop(passage: PassageDocument, wish: Levels, listener: Listener): Promise<Loop> {
  await Tone.start();
  const context = Tone.getContext();
  const kit = makeKit();
  kit.mix(mixOf(partsOf(passage), wish));
  const painter = Tone.getDraw();
  const clock = new LoopClock(barsOf(passage), context.currentTime + LEAD_SECONDS);
  const asked = passage.clicks!.drone;
  const beneath = asked.asked ? drone(droneOf(asked)) : undefined;
  let over = false;
  let levels = wish;
  let sounding = passage;
  let ahead: Handed[] = [];
  const sound = (due: Due) => {
    ahead = [...ahead.slice(-MOST_AHEAD), ...soundBar(kit, due.bar, due.at, true)];
    for (const click of due.bar.clicks) {
      painter.schedule(() => !over && listener.onCount(click.count), due.at + click.at);
    }
    for (const change of due.bar.drone) beneath?.tune(change.hertz, due.at + change.at);
    for (const note of due.bar.notes) {
      painter.schedule(() => !over && listener.onNote(note.index), due.at + note.at);
    }
    for (const { note, at } of due.bar.tones) {
      if (note) painter.schedule(() => !over && listener.onNote(note.index, note.voice), due.at + at);
    }
  };
  const look = () => clock.dueBefore(context.currentTime + AHEAD_SECONDS).forEach(sound);
  look();
  const looking = context.setInterval(look, LOOK_MS / 1000);
  return {
    change: (next) => {
      sounding = next;
      kit.mix(mixOf(partsOf(next), levels));
      clock.change(barsOf(next));
    },
    mix: (next) => {
      levels = next;
      kit.mix(mixOf(partsOf(sounding), levels));
    },
    stop: () => {
      if (over) return;
      over = true;
      context.clearInterval(looking);
      painter.cancel(0);
      // What has been handed out ahead is silenced.
      ahead.forEach((source) => source.dispose());
      kit.dispose();
      beneath?.hush();
      listener.onNote(undefined);
      listener.onCount(undefined);
      listener.onEnd();
    },
  };
}
