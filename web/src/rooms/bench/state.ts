import type { Ladder, Step, StepDocument } from '../../api/types';

/** What is being made at the bench. */
export interface BenchState {
  document: StepDocument;
  ladder: Ladder;
  /** The kept step this came from, and the version it was loaded in. */
  id?: number;
  version?: number;
  /** Whether everything here is kept. */
  kept: boolean;
  /** The student it is worked out for; for nobody in particular without. */
  studentId?: number;
}

export type BenchAction =
  | { type: 'load'; step: Step }
  | { type: 'kept'; step: Step }
  | { type: 'new' }
  | { type: 'replace'; document: StepDocument }
  | { type: 'title'; title: string }
  | { type: 'key'; change: Partial<StepDocument['key']> }
  | { type: 'line'; change: Partial<StepDocument['line']> }
  | { type: 'pattern'; line: StepDocument['line'] }
  | { type: 'articulation'; articulation: StepDocument['articulation'] }
  | { type: 'rhythm'; change: Partial<StepDocument['rhythm']> }
  | { type: 'meter'; meter: string; beat: string }
  | { type: 'landing'; beat: number }
  | { type: 'bpm'; bpm: number }
  | { type: 'metronome'; change: Partial<StepDocument['metronome']> }
  | { type: 'ladder'; change: Partial<Ladder> }
  | { type: 'student'; studentId?: number };

/** A first step to change: two octaves in eighths from beat 1. */
const FIRST: StepDocument = {
  format: 'pebble-step/1',
  title: '',
  key: { tonic: 'C', form: 'major', named: 'concert' },
  line: { pattern: 'straight', octaves: 1, travel: 'up-down', turn: 'single', from: 1 },
  rhythm: { meter: '4/4', figure: ['1/8'], strikes: 1, place: '0' },
  landing: { beat: 1 },
  tempo: { beat: '1/4', bpm: 72 },
  articulation: { kind: 'separate' },
  metronome: { countInBars: 1, accent: true, click: 'beats' },
};

export function freshBench(studentId?: number): BenchState {
  return { document: FIRST, ladder: { from: 60, to: 96, by: 4 }, kept: false, studentId };
}

export function benchReducer(state: BenchState, action: BenchAction): BenchState {
  const { document } = state;
  const change = (part: Partial<StepDocument>): BenchState => ({
    ...state,
    kept: false,
    document: { ...document, ...part },
  });
  switch (action.type) {
    case 'load':
    case 'kept': {
      const { step } = action;
      return {
        ...state,
        document: step.document,
        ladder: step.ladder,
        id: step.id,
        version: step.version,
        kept: true,
      };
    }
    case 'new':
      return freshBench(state.studentId);
    case 'replace':
      return change(action.document);
    case 'title':
      return change({ title: action.title });
    case 'key':
      // Another form may not have the degree the line starts on.
      return change({
        key: { ...document.key, ...action.change },
        line: action.change.form ? { ...document.line, from: 1 } : document.line,
      });
    case 'pattern':
      return change({ line: action.line });
    case 'articulation':
      return change({ articulation: action.articulation });
    case 'line':
      return change({ line: { ...document.line, ...action.change } });
    case 'rhythm':
      return change({ rhythm: { ...document.rhythm, ...action.change } });
    case 'meter':
      return change({
        rhythm: { ...document.rhythm, meter: action.meter, place: '0' },
        landing: { beat: 1 },
        tempo: { ...document.tempo, beat: action.beat },
      });
    case 'landing':
      return change({ landing: { beat: action.beat } });
    case 'bpm':
      return change({ tempo: { ...document.tempo, bpm: action.bpm } });
    case 'metronome':
      return change({ metronome: { ...document.metronome, ...action.change } });
    case 'ladder':
      return { ...state, kept: false, ladder: { ...state.ladder, ...action.change } };
    case 'student':
      return { ...state, studentId: action.studentId };
  }
}
