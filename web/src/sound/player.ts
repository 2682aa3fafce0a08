import * as Tone from 'tone';
import type { ClicksDocument, PassageDocument } from '../api/types';
import { clickBuffers, type ClickKind } from './sounds';

/** What the screen hears about while a passage sounds; every call comes in time with the sound. */
export interface Listener {
  /** A click of the count-in, by the beat it counts; undefined when the line begins. */
  onCount(beat: number | undefined): void;
  onNote(index: number | undefined): void;
  onEnd(): void;
  /** Told once, before the first click: from a time of the page's clock to milliseconds from the first note. */
  onClock?(fromFirstNote: (performanceMs: number) => number): void;
}

const LEAD_SECONDS = 0.12;

interface Sounds {
  clicks: Record<ClickKind, Tone.ToneAudioBuffer>;
  voice: Tone.Synth;
}

let sounds: Sounds | undefined;

function made(): Sounds {
  sounds ??= {
    clicks: clickBuffers(Tone.getContext().sampleRate),
    voice: new Tone.Synth({
      oscillator: { type: 'triangle' },
      envelope: { attack: 0.012, decay: 0.08, sustain: 0.55, release: 0.05 },
      volume: -13,
    }).toDestination(),
  };
  return sounds;
}

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
 * Plays one repetition: every click and note is scheduled on the audio clock at its computed time; nothing is timed by
 * the page. Returns how to stop it.
 */
export async function play(
  passage: PassageDocument,
  clicks: ClicksDocument,
  withVoice: boolean,
  listener: Listener,
): Promise<() => void> {
  await Tone.start();
  const { clicks: buffers, voice } = made();
  const transport = Tone.getTransport();
  transport.stop().cancel(0);
  transport.position = 0;
  const painter = Tone.getDraw();
  const seconds = (ms: number) => (ms - clicks.startMs) / 1000;
  for (const click of clicks.clicks) {
    transport.schedule((time) => {
      const kind = click.accent ? 'accent' : click.between ? 'between' : 'plain';
      new Tone.ToneBufferSource(buffers[kind]).toDestination().start(time);
      painter.schedule(() => listener.onCount(click.countIn ? click.beat : undefined), time);
    }, seconds(click.ms));
  }
  for (const note of passage.notes) {
    transport.schedule((time) => {
      if (withVoice) {
        voice.triggerAttackRelease(
          Tone.Frequency(note.midi, 'midi').toFrequency(),
          (note.durationMs * 0.92) / 1000,
          time,
        );
      }
      painter.schedule(() => listener.onNote(note.index), time);
    }, seconds(note.ms));
  }
  let over = false;
  const finish = () => {
    if (over) return;
    over = true;
    transport.stop().cancel(0);
    painter.cancel(0);
    voice.triggerRelease();
    listener.onNote(undefined);
    listener.onCount(undefined);
    listener.onEnd();
  };
  transport.schedule((time) => painter.schedule(finish, time), seconds(clicks.endMs));
  const begin = Tone.now() + LEAD_SECONDS;
  listener.onClock?.((at) => at - heardAt(begin + seconds(0)));
  transport.start(begin);
  return finish;
}
