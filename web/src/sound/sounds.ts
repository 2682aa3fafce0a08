import * as Tone from 'tone';
import type { Due } from './loopClock';

const CLICK_SECONDS = 0.045;

/** The samples of a short struck wood: a sine that dies away. */
export function clickSamples(rate: number, hertz: number, level: number): Float32Array<ArrayBuffer> {
  const samples = new Float32Array(Math.round(rate * CLICK_SECONDS));
  for (let i = 0; i < samples.length; i++) {
    const t = i / rate;
    samples[i] = level * Math.sin(2 * Math.PI * hertz * t + Math.PI / 2) * Math.exp(-t * 110);
  }
  return samples;
}

const KINDS = {
  accent: { hertz: 1760, level: 0.9 },
  plain: { hertz: 1175, level: 0.6 },
  between: { hertz: 880, level: 0.28 },
};

export type ClickKind = keyof typeof KINDS;

/** The clicks as buffers for one audio context. */
export function clickBuffers(rate: number): Record<ClickKind, Tone.ToneAudioBuffer> {
  const buffer = (kind: ClickKind) =>
    Tone.ToneAudioBuffer.fromArray(clickSamples(rate, KINDS[kind].hertz, KINDS[kind].level));
  return { accent: buffer('accent'), plain: buffer('plain'), between: buffer('between') };
}

/** Hands the clicks of a bar to the audio clock, and returns what will sound. */
export function soundClicks(
  due: Due,
  buffers: Record<ClickKind, Tone.ToneAudioBuffer>,
): Tone.ToneBufferSource[] {
  return due.bar.clicks.map((click) =>
    new Tone.ToneBufferSource(buffers[click.kind]).toDestination().start(due.at + click.at),
  );
}
