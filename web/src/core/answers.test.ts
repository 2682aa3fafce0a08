import { beforeAll, describe, expect, it } from 'vitest';
import { Problem } from '../api/client';
import { answer, read, tried } from './answers';
import { coreState, loadCore, subscribe } from './core';
import { runsWasm } from './load';

const SPEECH = { counting: 'numbers', valueNames: 'american' } as const;
const seen: string[] = [];

beforeAll(async () => {
  subscribe(() => seen.push(coreState()));
  expect(() => answer('catalogue', {})).toThrow('before it was here');
  await loadCore();
});

describe('the core in the page', () => {
  it('says when it is here, and is loaded once', async () => {
    expect(seen.at(-1)).toBe('ready');
    expect(await loadCore()).toBe(await loadCore());
  });

  it('answers as documents', () => {
    const { first } = answer('catalogue', {});
    const passage = answer('passage', { step: first.step, speech: SPEECH, with: ['pulse'] });
    expect(passage.noteCount).toBe(15);
    expect(passage.landing.sentence).toBe('Ends on beat 4 of bar 2, one quarter short of beat 1.');
    expect(passage.notated).toBeUndefined();
  });

  it('refuses with the sentence, the place and the character that the studio would name', () => {
    const { first } = answer('catalogue', {});
    const typed = { ...first.step, line: { ...first.step.line, pattern: 'free', degrees: '1 2 x' } } as const;
    const { refused } = tried('passage', { step: typed, speech: SPEECH, with: [] });
    expect(refused).toBeInstanceOf(Problem);
    expect((refused as Problem).pointer).toBe('/step/line/degrees');
    expect((refused as Problem).position).toBe(5);
  });

  it('keeps what a refused edit would have changed', () => {
    const { first } = answer('catalogue', {});
    expect(tried('edit', { step: first.step, edit: { meter: '5/16' } }).answer).toBeUndefined();
    expect(tried('edit', { step: first.step, edit: { bpm: 500 } }).refused).toBeInstanceOf(Problem);
    expect(answer('edit', { step: first.step, edit: { shorter: 1 } }).step.rhythm.figure).toEqual(['1/12']);
  });

  it('tells a problem from an answer by what stands before it', () => {
    expect(read<{ a: number }>('{"a":1}')).toEqual({ a: 1 });
    expect(() => read('!{"detail":"No.","pointer":"/a","fits":"Yes."}')).toThrow('No.');
  });

  it('runs as JavaScript where the browser does not collect what WebAssembly makes', () => {
    const { validate } = WebAssembly;
    WebAssembly.validate = () => false;
    expect(runsWasm()).toBe(false);
    WebAssembly.validate = validate;
  });
});
