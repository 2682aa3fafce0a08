import { beforeAll, describe, expect, it } from 'vitest';
import { loadCore } from '../../core/core';
import {
  benchReducer,
  current,
  freshBench,
  heldOf,
  isKept,
  type BenchAction,
  type BenchState,
} from './state';

beforeAll(() => loadCore());

const after = (...actions: BenchAction[]): BenchState => actions.reduce(benchReducer, freshBench());
const bpm = (state: BenchState) => current(state).document.tempo.bpm;

describe('undo', () => {
  it('takes back one edit at a time, and redoes them', () => {
    const edited = after({ type: 'bpm', bpm: 80 }, { type: 'bpm', bpm: 88 });
    const once = benchReducer(edited, { type: 'undo' });
    expect(bpm(once)).toBe(80);
    expect(bpm(benchReducer(once, { type: 'undo' }))).toBe(72);
    expect(bpm(benchReducer(once, { type: 'redo' }))).toBe(88);
  });

  it('takes back typing as one', () => {
    const typed = after(
      { type: 'title', title: 'T' },
      { type: 'title', title: 'Ti' },
      { type: 'title', title: 'Tide' },
    );
    expect(current(benchReducer(typed, { type: 'undo' })).document.title).toBe('');
  });

  it('does nothing where there is nothing to take back', () => {
    const fresh = freshBench();
    expect(benchReducer(fresh, { type: 'undo' })).toBe(fresh);
    expect(benchReducer(fresh, { type: 'redo' })).toBe(fresh);
  });

  it('forgets what was undone once something else is done', () => {
    const other = after({ type: 'bpm', bpm: 80 }, { type: 'undo' }, { type: 'bpm', bpm: 90 });
    expect(bpm(benchReducer(other, { type: 'redo' }))).toBe(90);
  });

  it('remembers two hundred edits and no more', () => {
    const many = after(...Array.from({ length: 250 }, (_, i): BenchAction => ({ type: 'bpm', bpm: 40 + i })));
    expect(many.past).toHaveLength(200);
  });

  it('brings back a kept routine as kept', () => {
    const edited = after({ type: 'bpm', bpm: 80 });
    expect(isKept(edited)).toBe(false);
    expect(isKept(benchReducer(edited, { type: 'undo' }))).toBe(true);
  });
});

describe('a routine', () => {
  it('comes back from the device as it was left, with what the studio knows of it', () => {
    const left = {
      ...after({ type: 'bpm', bpm: 88 }, { type: 'copy' }, { type: 'bpm', bpm: 92 }),
      id: 7,
      version: 3,
      studentId: 5,
    };
    const named = { ...left, ids: { [left.draft.steps[0]!.key]: 11 } };
    const back = benchReducer(freshBench(), { type: 'restore', held: heldOf(named) });
    expect([back.id, back.version, back.studentId, back.draft.at]).toEqual([7, 3, 5, 1]);
    expect(back.draft.steps.map((step) => step.document.tempo.bpm)).toEqual([88, 92]);
    expect(back.ids).toEqual({ [back.draft.steps[0]!.key]: 11 });
    expect(isKept(back)).toBe(false);
    // What is made next gets a key of its own.
    const more = benchReducer(back, { type: 'copy' });
    expect(new Set(more.draft.steps.map((step) => step.key)).size).toBe(3);
  });

  it('keeps the step on the bench when others move', () => {
    const three = after(
      { type: 'bpm', bpm: 80 },
      { type: 'copy' },
      { type: 'bpm', bpm: 90 },
      { type: 'copy' },
    );
    const moved = benchReducer(three, { type: 'order', from: 0, to: 2 });
    expect(current(moved).key).toBe(current(three).key);
    expect(moved.draft.steps.map((step) => step.document.tempo.bpm)).toEqual([90, 90, 80]);
  });

  it('never loses its last step', () => {
    expect(after({ type: 'remove', at: 0 }).draft.steps).toHaveLength(1);
  });

  it('stays in range when the step on the bench is removed', () => {
    const two = after({ type: 'copy' });
    const one = benchReducer(two, { type: 'remove', at: 1 });
    expect(one.draft.at).toBe(0);
    expect(one.draft.steps).toHaveLength(1);
  });
});

describe('a step', () => {
  it('starts on the first degree again in another form, which may not have the old one', () => {
    const moved = after(
      { type: 'line', change: { from: 5 } },
      { type: 'edit', edit: { form: 'major-pentatonic' } },
    );
    expect(current(moved).document.line.from).toBe(1);
    const key = after({ type: 'line', change: { from: 5 } }, { type: 'key', change: { tonic: 'D' } });
    expect(current(key).document.line.from).toBe(5);
  });

  it('lets go of chosen beats and the place in another meter', () => {
    const waltz = after(
      { type: 'metronome', change: { click: 'chosen', beats: [4] } },
      { type: 'rhythm', change: { place: '3/4' } },
      { type: 'edit', edit: { meter: '3/4' } },
    );
    const { rhythm, metronome } = current(waltz).document;
    expect(rhythm.place).toBe('0');
    expect(metronome.click).toBe('beats');
    expect(metronome.beats).toBeUndefined();
  });

  it('forgets the start of a climb that was changed', () => {
    const started = after({ type: 'start', at: [2] });
    const { climb } = current(started);
    expect(Object.values(started.starts)).toEqual([[2]]);
    expect(
      Object.values(benchReducer(started, { type: 'climb', climb: { ...climb, restart: 70 } }).starts),
    ).toEqual([]);
  });
});
