import type {
  Climb,
  ClimbEditing,
  CompanyPart,
  HandPart,
  PlayerPart,
  Routine,
  StepDocument,
  StepEditing,
  VoicePart,
  WalkPart,
} from '../../api/types';
import { answer, tried } from '../../core/answers';
import type { HeldDraft } from '../../keep/store';

/** A step of the routine on the bench; its key stays the same whatever happens to it. */
export interface BenchStep {
  key: string;
  document: StepDocument;
  climb: Climb;
}

/** The routine as it lies here, and which of its steps is on the bench. */
export interface Draft {
  title: string;
  steps: BenchStep[];
  at: number;
}

export interface BenchState {
  draft: Draft;
  past: Draft[];
  future: Draft[];
  /** The kept routine this came from, and the version it was loaded in. */
  id?: number;
  version?: number;
  /** What is kept, as far as this window knows. */
  kept?: Draft;
  /** The ids of kept steps, by key. */
  ids: Record<string, number>;
  /** The rung a student would start on, by key; the first without. */
  starts: Record<string, number[]>;
  /** The last kind of edit: typing goes on in one step of the undo. */
  lastEdit?: string;
  /** The student it is worked out for; for nobody in particular without. */
  studentId?: number;
}

/** Changes of the step on the bench. */
export type StepEdit =
  | { type: 'replace'; document: StepDocument }
  | { type: 'title'; title: string }
  | { type: 'edit'; edit: StepEditing; drag?: number }
  | { type: 'key'; change: Partial<StepDocument['key']> }
  | { type: 'line'; change: Partial<StepDocument['line']> }
  | { type: 'articulation'; articulation: StepDocument['articulation'] }
  | { type: 'rhythm'; change: Partial<StepDocument['rhythm']> }
  | { type: 'landing'; landing: StepDocument['landing'] }
  | { type: 'bpm'; bpm: number }
  | { type: 'metronome'; change: Partial<StepDocument['metronome']> }
  | { type: 'voices'; voices: VoicePart[] }
  | { type: 'walk'; walk?: WalkPart }
  | { type: 'company'; company?: CompanyPart }
  | { type: 'hand'; hand?: HandPart }
  | { type: 'climb'; climb: Climb; start?: number[] }
  | { type: 'climbEdit'; edit: ClimbEditing; start?: number[]; player?: PlayerPart };

/** Changes of the routine. */
export type RoutineEdit =
  | { type: 'routineTitle'; title: string }
  | { type: 'add'; documents: StepDocument[] }
  | { type: 'copy' }
  | { type: 'remove'; at: number }
  | { type: 'order'; from: number; to: number };

export type BenchAction =
  | StepEdit
  | RoutineEdit
  | { type: 'load'; routine: Routine; stepId?: number }
  | { type: 'kept'; routine: Routine; sent: Draft }
  | { type: 'new' }
  | { type: 'restore'; held: HeldDraft }
  | { type: 'asNew' }
  | { type: 'select'; at: number }
  | { type: 'start'; at: number[] }
  | { type: 'undo' }
  | { type: 'redo' }
  | { type: 'student'; studentId?: number };

const MOST_BACK = 200;

let made = 0;
function newStep(document: StepDocument, climb: Climb): BenchStep {
  made += 1;
  return { key: `new ${made}`, document, climb };
}

/** A first step to change, as the core proposes it. */
function firstStep(): BenchStep {
  const { first } = answer('catalogue', {});
  return newStep(first.step, first.climb);
}

export function freshBench(studentId?: number): BenchState {
  const draft = { title: '', steps: [firstStep()], at: 0 };
  return { draft, kept: draft, past: [], future: [], ids: {}, starts: {}, studentId };
}

/** Whether everything here is kept. */
export function isKept(state: BenchState): boolean {
  return state.kept?.steps === state.draft.steps && state.kept.title === state.draft.title;
}

export function current(state: BenchState): BenchStep {
  return state.draft.steps[state.draft.at]!;
}

function editedStep(step: BenchStep, edit: StepEdit): BenchStep {
  const { document } = step;
  const change = (part: Partial<StepDocument>): BenchStep => ({
    ...step,
    document: { ...document, ...part },
  });
  switch (edit.type) {
    case 'replace':
      return change(edit.document);
    case 'title':
      return change({ title: edit.title });
    case 'edit':
      // What follows from it is the core's to say; what it refuses changes nothing.
      return change(tried('edit', { step: document, edit: edit.edit }).answer?.step ?? {});
    case 'key':
      return change({ key: { ...document.key, ...edit.change } });
    case 'articulation':
      return change({ articulation: edit.articulation });
    case 'line':
      return change({ line: { ...document.line, ...edit.change } });
    case 'rhythm':
      return change({ rhythm: { ...document.rhythm, ...edit.change } });
    case 'landing':
      return change({ landing: edit.landing });
    case 'bpm':
      return change({ tempo: { ...document.tempo, bpm: edit.bpm } });
    case 'metronome':
      return change({ metronome: { ...document.metronome, ...edit.change } });
    case 'voices':
      return change({ voices: edit.voices.length > 0 ? edit.voices : undefined });
    case 'walk':
      return change({ walk: edit.walk });
    case 'company':
      return change({ company: edit.company });
    case 'hand':
      return change({ hand: edit.hand });
    case 'climb':
      return { ...step, climb: edit.climb };
    case 'climbEdit': {
      const { climb } = step;
      return {
        ...step,
        climb:
          tried('climb-edit', { step: document, climb, edit: edit.edit, player: edit.player }).answer
            ?.climb ?? climb,
      };
    }
  }
}

function editedDraft(draft: Draft, action: StepEdit | RoutineEdit): Draft {
  const { steps, at } = draft;
  switch (action.type) {
    case 'routineTitle':
      return { ...draft, title: action.title };
    case 'add': {
      const added = action.documents.map((document) => newStep(document, steps[at]!.climb));
      return { ...draft, steps: [...steps.slice(0, at + 1), ...added, ...steps.slice(at + 1)], at: at + 1 };
    }
    case 'copy': {
      const copy = newStep(steps[at]!.document, steps[at]!.climb);
      return { ...draft, steps: [...steps.slice(0, at + 1), copy, ...steps.slice(at + 1)], at: at + 1 };
    }
    case 'remove': {
      if (steps.length === 1) return draft;
      const left = steps.filter((_, i) => i !== action.at);
      return { ...draft, steps: left, at: Math.min(at > action.at ? at - 1 : at, left.length - 1) };
    }
    case 'order': {
      const moved = [...steps];
      const [step] = moved.splice(action.from, 1);
      moved.splice(action.to, 0, step!);
      return { ...draft, steps: moved, at: moved.indexOf(steps[at]!) };
    }
    default:
      return { ...draft, steps: steps.map((step, i) => (i === at ? editedStep(step, action) : step)) };
  }
}

const TYPING = ['title', 'routineTitle', 'company'];
const PLACED = 'place';

/** Which edits are taken back as one: typing in one field, and one drag; each nudge is its own. */
function kindOf(action: StepEdit | RoutineEdit): string {
  if (action.type !== 'edit') return action.type;
  if (action.drag !== undefined) return `${PLACED} ${action.drag}`;
  return action.edit.nudge ? PLACED : action.type;
}

/** Whether the last edit moved the place. */
export function isPlaced(state: BenchState): boolean {
  return state.lastEdit?.startsWith(PLACED) ?? false;
}

export function benchReducer(state: BenchState, action: BenchAction): BenchState {
  const { draft, past, future } = state;
  switch (action.type) {
    case 'load':
      return loaded(action.routine, action.stepId, state.studentId);
    case 'kept':
      return kept(state, action.routine, action.sent);
    case 'restore':
      return restored(action.held);
    case 'new':
      return freshBench(state.studentId);
    case 'asNew':
      return { ...state, id: undefined, version: undefined, kept: undefined, ids: {} };
    case 'select':
      return { ...state, draft: { ...draft, at: action.at }, lastEdit: undefined };
    case 'start':
      return { ...state, starts: { ...state.starts, [current(state).key]: action.at } };
    case 'undo': {
      const before = past.at(-1);
      if (!before) return state;
      return {
        ...state,
        draft: before,
        starts: {},
        past: past.slice(0, -1),
        future: [draft, ...future],
        lastEdit: undefined,
      };
    }
    case 'redo': {
      const [after, ...rest] = future;
      if (!after) return state;
      return {
        ...state,
        draft: after,
        starts: {},
        past: [...past, draft],
        future: rest,
        lastEdit: undefined,
      };
    }
    case 'student':
      return { ...state, studentId: action.studentId };
    default: {
      const edited = editedDraft(draft, action);
      if (edited === draft) return state;
      const kind = kindOf(action);
      const asOne = TYPING.includes(kind) || (action.type === 'edit' && action.drag !== undefined);
      const goesOn = asOne && state.lastEdit === kind;
      return {
        ...state,
        draft: edited,
        starts:
          action.type === 'climb' || action.type === 'climbEdit'
            ? startsAfter(state, action.start)
            : state.starts,
        past: goesOn ? past : [...past.slice(-MOST_BACK + 1), draft],
        future: [],
        lastEdit: kind,
      };
    }
  }
}

/** A climb that was changed may not have the rung any more; its start is the one given, or the first. */
function startsAfter(state: BenchState, start: number[] | undefined): BenchState['starts'] {
  const starts = { ...state.starts };
  delete starts[current(state).key];
  return start ? { ...starts, [current(state).key]: start } : starts;
}

/** A step and its climb as the core writes them, whoever has written them before. */
function written(document: StepDocument, climb: Climb): string {
  return JSON.stringify([
    tried('edit', { step: document, edit: {} }).answer?.step ?? document,
    tried('climb-edit', { climb, edit: {} }).answer?.climb ?? climb,
  ]);
}

/** Whether a kept routine is just what was sent: the answer to it may have been lost on the way back. */
export function isSame(routine: Routine, sent: Draft): boolean {
  return (
    routine.title === sent.title &&
    routine.steps.length === sent.steps.length &&
    sent.steps.every((step, i) => {
      const there = routine.steps[i]!;
      return written(there.document, there.climb) === written(step.document, step.climb);
    })
  );
}

/** What lies here, as it is held on this device until the studio has it. */
export function heldOf(state: BenchState): HeldDraft {
  const { draft, id, version, ids, starts, studentId } = state;
  return {
    id,
    version,
    title: draft.title,
    steps: draft.steps.map(({ key, document, climb }) => ({
      id: ids[key],
      document,
      climb,
      start: starts[key],
    })),
    at: draft.at,
    studentId,
  };
}

function restored(held: HeldDraft): BenchState {
  const steps = held.steps.map((step) => newStep(step.document, step.climb));
  const known = <T>(of: (step: HeldDraft['steps'][number]) => T | undefined): Record<string, T> =>
    Object.fromEntries(
      held.steps.flatMap((step, i) => {
        const value = of(step);
        return value === undefined ? [] : [[steps[i]!.key, value]];
      }),
    );
  return {
    draft: { title: held.title, steps, at: Math.min(held.at, steps.length - 1) },
    past: [],
    future: [],
    id: held.id,
    version: held.version,
    ids: known((step) => step.id),
    starts: known((step) => step.start),
    studentId: held.studentId,
  };
}

function loaded(routine: Routine, stepId: number | undefined, studentId?: number): BenchState {
  const steps = routine.steps.map<BenchStep>((step) => ({
    key: `kept ${step.id}`,
    document: step.document,
    climb: step.climb,
  }));
  // A routine whose steps have all been put away elsewhere starts anew.
  if (steps.length === 0) steps.push(firstStep());
  const at = Math.max(
    0,
    routine.steps.findIndex((step) => step.id === stepId),
  );
  const draft = { title: routine.title, steps, at };
  return {
    draft,
    kept: draft,
    past: [],
    future: [],
    id: routine.id,
    version: routine.version,
    ids: Object.fromEntries(routine.steps.map((step, i) => [steps[i]!.key, step.id])),
    starts: {},
    studentId,
  };
}

function kept(state: BenchState, routine: Routine, sent: Draft): BenchState {
  const byKey = <T>(value: (step: Routine['steps'][number]) => T): Record<string, T> =>
    Object.fromEntries(sent.steps.map((step, i) => [step.key, value(routine.steps[i]!)]));
  return {
    ...state,
    id: routine.id,
    version: routine.version,
    kept: sent,
    ids: { ...state.ids, ...byKey((step) => step.id) },
  };
}
