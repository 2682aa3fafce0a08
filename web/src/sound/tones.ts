import * as Tone from 'tone';
import type { BarTone } from './bars';

/** How a part sounds: its wave, how loud one note of it is, and how fast it comes and dies away, in seconds. */
interface Shape {
  /** How strong each harmonic is, from the first on. They begin at their crests, so that the first sample is heard. */
  harmonics: number[];
  level: number;
  attack: number;
  /** What is left of it at its end, of 1. */
  sustain: number;
}

const PURE = [1];
/** Odd harmonics that grow faint: a hollow, woody sound. */
const HOLLOW = [1, 0, 1 / 9, 0, 1 / 25, 0, 1 / 49];

const SHAPES: Record<BarTone['kind'], Shape> = {
  chords: { harmonics: PURE, level: 0.085, attack: 0.02, sustain: 0.6 },
  bass: { harmonics: HOLLOW, level: 0.24, attack: 0.006, sustain: 0.35 },
  voice: { harmonics: HOLLOW, level: 0.15, attack: 0.01, sustain: 0.5 },
};
const RELEASE = 0.03;

/** A sound that was handed to the audio clock and can be taken back. */
export interface Handed {
  dispose(): void;
}

/** Hands one note to the audio clock: it begins exactly at a moment of it and is over at the end of its length. */
export function soundTone(tone: BarTone, at: number, into: Tone.InputNode): Handed {
  const { harmonics, level, attack, sustain } = SHAPES[tone.kind];
  const context = Tone.getContext();
  const source = context.createOscillator();
  const gain = context.createGain();
  const end = at + tone.length;
  const rise = Math.min(attack, tone.length / 4);
  const fall = Math.min(RELEASE, tone.length / 4);
  const crests = Float32Array.from([0, ...harmonics]);
  source.setPeriodicWave(context.createPeriodicWave(crests, new Float32Array(crests.length)));
  source.frequency.value = tone.hertz;
  gain.gain.setValueAtTime(0, at);
  gain.gain.linearRampToValueAtTime(level, at + rise);
  gain.gain.linearRampToValueAtTime(level * sustain, end - fall);
  gain.gain.linearRampToValueAtTime(0, end);
  source.connect(gain);
  Tone.connect(gain, into);
  source.start(at);
  source.stop(end);
  source.onended = () => gain.disconnect();
  return {
    dispose: () => {
      source.onended = null;
      source.stop();
      gain.disconnect();
    },
  };
}
