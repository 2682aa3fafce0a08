import * as Tone from 'tone';
import type { Bar, BarClick, BarDrum } from './bars';
import type { Mix, SoundPart } from './mix';
import { soundTone, type Handed } from './tones';

const CLICK_SECONDS = 0.045;
const DRUM_SECONDS = 0.16;

/** The samples of a short struck wood: a sine that dies away. */
function clickSamples(rate: number, hertz: number, level: number): Float32Array<ArrayBuffer> {
  const samples = new Float32Array(Math.round(rate * CLICK_SECONDS));
  for (let i = 0; i < samples.length; i++) {
    const t = i / rate;
    samples[i] = level * Math.sin(2 * Math.PI * hertz * t + Math.PI / 2) * Math.exp(-t * 110);
  }
  return samples;
}

const CLICKS: Record<BarClick['kind'], { hertz: number; level: number }> = {
  accent: { hertz: 1760, level: 0.9 },
  plain: { hertz: 1175, level: 0.6 },
  between: { hertz: 880, level: 0.28 },
};

/** Noise that is always the same. */
function hiss(i: number): number {
  const x = Math.sin(i * 12.9898 + 78.233) * 43758.5453;
  return 2 * (x - Math.floor(x)) - 1;
}

/** A skin that falls in pitch, a shaken grain, a struck rim: each begins at once and dies away. */
const DRUMS: Record<BarDrum['drum'], (t: number, i: number) => number> = {
  low: (t) =>
    0.95 * Math.cos(2 * Math.PI * (52 * t + (70 / 22) * (1 - Math.exp(-22 * t)))) * Math.exp(-t * 17),
  soft: (t, i) => 0.22 * (hiss(i) - hiss(i - 1)) * Math.exp(-t * 85),
  high: (t, i) => (0.34 * hiss(i) + 0.4 * Math.cos(2 * Math.PI * 230 * t)) * Math.exp(-t * 34),
};

function drumSamples(rate: number, drum: BarDrum['drum'], level: number): Float32Array<ArrayBuffer> {
  const samples = new Float32Array(Math.round(rate * DRUM_SECONDS));
  for (let i = 0; i < samples.length; i++) samples[i] = level * DRUMS[drum](i / rate, i);
  return samples;
}

type Buffers<K extends string> = Record<K, Tone.ToneAudioBuffer>;

/** Everything that sounds, made in the browser for one audio context. */
export interface Kit {
  clicks: Buffers<BarClick['kind']>;
  drums: Buffers<BarDrum['drum']>;
  strongDrums: Buffers<BarDrum['drum']>;
  voice: Tone.Synth;
  /** Where a part sounds, at its level. */
  into(part: SoundPart): Tone.Gain;
  /** Sets the level of each part; one that is not named stays as it is. */
  mix(levels: Mix): void;
  dispose(): void;
}

/** Makes the sounds for the present audio context. */
export function makeKit(): Kit {
  const rate = Tone.getContext().sampleRate;
  const buffer = (samples: Float32Array<ArrayBuffer>) => Tone.ToneAudioBuffer.fromArray(samples);
  const click = (kind: BarClick['kind']) =>
    buffer(clickSamples(rate, CLICKS[kind].hertz, CLICKS[kind].level));
  const drums = (level: number) => ({
    low: buffer(drumSamples(rate, 'low', level)),
    soft: buffer(drumSamples(rate, 'soft', level)),
    high: buffer(drumSamples(rate, 'high', level)),
  });
  const voice = new Tone.Synth({
    oscillator: { type: 'triangle' },
    envelope: { attack: 0.012, decay: 0.08, sustain: 0.55, release: 0.05 },
    volume: -13,
  });
  const parts = new Map<SoundPart, Tone.Gain>();
  const into = (part: SoundPart) => {
    const known = parts.get(part) ?? new Tone.Gain(1).toDestination();
    parts.set(part, known);
    return known;
  };
  voice.connect(into('line'));
  return {
    clicks: { accent: click('accent'), plain: click('plain'), between: click('between') },
    drums: drums(0.62),
    strongDrums: drums(0.95),
    voice,
    into,
    mix: (levels) => {
      for (const [part, level] of Object.entries(levels)) into(part as SoundPart).gain.value = level ?? 1;
    },
    dispose: () => {
      voice.dispose();
      parts.forEach((gain) => gain.dispose());
    },
  };
}

/**
 * Hands a bar to the audio clock, its downbeat at a moment of it, and returns what will sound. What is silent at its level is
 * not made at all.
 */
export function soundBar(kit: Kit, bar: Bar, at: number, withLine: boolean): Handed[] {
  const strike = (buffer: Tone.ToneAudioBuffer, part: SoundPart, when: number) =>
    new Tone.ToneBufferSource(buffer).connect(kit.into(part)).start(at + when);
  if (withLine) {
    for (const note of bar.notes) kit.voice.triggerAttackRelease(note.hertz, note.length, at + note.at);
  }
  return [
    ...bar.clicks.map((click) => strike(kit.clicks[click.kind], 'click', click.at)),
    ...bar.drums.map((hit) => strike((hit.strong ? kit.strongDrums : kit.drums)[hit.drum], 'drums', hit.at)),
    ...bar.tones
      .filter((tone) => kit.into(tone.part).gain.value > 0)
      .map((tone) => soundTone(tone, at + tone.at, kit.into(tone.part))),
  ];
}
