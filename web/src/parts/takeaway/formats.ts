import type { TakeAwayOptions, Track } from '../../api/types';

export type FormatId = 'musicxml' | 'mxl' | 'midi' | 'wav' | 'routine' | 'step' | 'climb';

export interface FormatChoice {
  id: FormatId;
  name: string;
  /** What it is for. */
  words: string;
  kind: 'notes' | 'sound' | 'data';
}

/** What can be taken away, in the order one looks for it. */
export const FORMATS: readonly FormatChoice[] = [
  { id: 'musicxml', name: 'MusicXML', words: 'notes for a notation program', kind: 'notes' },
  { id: 'mxl', name: 'MusicXML, compressed', words: 'the same, smaller', kind: 'notes' },
  { id: 'wav', name: 'WAV', words: 'a click track to play anywhere', kind: 'sound' },
  { id: 'midi', name: 'MIDI', words: 'for a sequencer or a keyboard', kind: 'sound' },
  { id: 'step', name: 'Step file', words: 'the step alone, to open here again', kind: 'data' },
  { id: 'climb', name: 'Climb file', words: 'the climb alone, for another step', kind: 'data' },
  { id: 'routine', name: 'Routine file', words: 'steps and climbs, to open here again', kind: 'data' },
];

/** What can sound in a file, and what it is called. */
export const TRACKS: readonly { id: Track[]; name: string }[] = [
  { id: ['click', 'drums'], name: 'click or drums' },
  { id: ['line'], name: 'line' },
  { id: ['voices'], name: 'other voices' },
  { id: ['chords'], name: 'chords' },
  { id: ['bass'], name: 'bass' },
  { id: ['drone'], name: 'drone' },
];

export const USUAL: TakeAwayOptions = { times: 1, heard: ['click', 'drums'], fingers: true };

const UNITS = ['bytes', 'kB', 'MB'] as const;

/** A size as it is read: 14 kB, 2.6 MB. */
export function sizeOf(bytes: number): string {
  const power = bytes < 1000 ? 0 : bytes < 1_000_000 ? 1 : 2;
  const number = bytes / 1000 ** power;
  return `${power === 0 || number >= 10 ? Math.round(number) : number.toFixed(1)} ${UNITS[power]}`;
}
