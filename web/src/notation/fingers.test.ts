import { expect, test } from 'vitest';
import type { PassageDocument } from '../api/types';
import { fingersOf } from './fingers';

const note = (at: number, text: string) => ({ note: at, text });
const passage = (hand: unknown, voices?: unknown) => ({ hand, voices }) as unknown as PassageDocument;
const notes = [note(0, '1'), note(1, '2'), note(2, '3')];

test('fingers stand always, where something is new, or never', () => {
  const known = passage({ notes, fresh: [{ words: 'position III', notes: [1] }] });
  expect(fingersOf(known)).toEqual(['1', '2', '3']);
  expect(fingersOf(known, 'new')).toEqual(['', '2', '']);
  expect(fingersOf(known, 'never')).toBeUndefined();
});

test('in a first key all is new', () => {
  expect(fingersOf(passage({ notes }), 'new')).toEqual(['1', '2', '3']);
});

test('nothing stands where nothing is to be said, or other voices stand beneath', () => {
  expect(fingersOf(passage({ notes, fresh: [] }), 'new')).toBeUndefined();
  expect(fingersOf(passage({ notes: [note(0, '')] }))).toBeUndefined();
  expect(fingersOf(passage({ notes }, [{}]))).toBeUndefined();
  expect(fingersOf(passage(undefined))).toBeUndefined();
});
