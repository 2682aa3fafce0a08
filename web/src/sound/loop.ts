import * as Tone from 'tone';
import type { PassageDocument } from '../api/types';
import { barsOf } from './bars';
import { LoopClock, type Due } from './loopClock';
import type { Listener } from './player';
import { clickBuffers, soundClicks } from './sounds';

const LEAD_SECONDS = 0.12;
/** How far ahead bars are handed to the audio clock; what is changed is heard from the bar after. */
const AHEAD_SECONDS = 0.3;
const LOOK_MS = 40;
const MOST_AHEAD = 64;

/** A passage that plays round and round until it is stopped. */
export interface Loop {
  change(passage: PassageDocument): void;
  stop(): void;
}

let voice: Tone.Synth | undefined;

function theVoice(): Tone.Synth {
  voice ??= new Tone.Synth({
    oscillator: { type: 'triangle' },
    envelope: { attack: 0.012, decay: 0.08, sustain: 0.55, release: 0.05 },
    volume: -13,
  }).toDestination();
  return voice;
}

/**
 * Plays a passage in a loop: every bar is handed to the audio clock ahead of its time; the page only looks now and then
 * whether the next one is due, so nothing is timed by it.
 */
export async function loop(passage: PassageDocument, listener: Listener): Promise<Loop> {
  await Tone.start();
  const context = Tone.getContext();
  const buffers = clickBuffers(context.sampleRate);
  const synth = theVoice();
  const painter = Tone.getDraw();
  const clock = new LoopClock(barsOf(passage), context.currentTime + LEAD_SECONDS);
  let over = false;
  let ahead: Tone.ToneBufferSource[] = [];
  const sound = (due: Due) => {
    ahead = [...ahead.slice(-MOST_AHEAD), ...soundClicks(due, buffers)];
    for (const click of due.bar.clicks) {
      painter.schedule(() => !over && listener.onCount(click.count), due.at + click.at);
    }
    for (const note of due.bar.notes) {
      const at = due.at + note.at;
      synth.triggerAttackRelease(note.hertz, note.length, at);
      painter.schedule(() => !over && listener.onNote(note.index), at);
    }
  };
  const look = () => clock.dueBefore(context.currentTime + AHEAD_SECONDS).forEach(sound);
  look();
  const looking = context.setInterval(look, LOOK_MS / 1000);
  return {
    change: (next) => clock.change(barsOf(next)),
    stop: () => {
      if (over) return;
      over = true;
      context.clearInterval(looking);
      painter.cancel(0);
      // What has been handed out ahead is silenced.
      ahead.forEach((source) => source.dispose());
      synth.triggerRelease();
      voice?.dispose();
      voice = undefined;
      listener.onNote(undefined);
      listener.onCount(undefined);
      listener.onEnd();
    },
  };
}
