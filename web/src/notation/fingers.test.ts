import { expect, test } from 'vitest';
import type { PassageDocument } from '../api/types';
import { fingersOf } from './fingers';
import { LINE } from './staves';

const note = (at: number, text: string) => ({ note: at, text });
const passage = (hand: unknown, staves?: unknown) =>
  ({ hand, notated: { score: { staves } } }) as unknown as PassageDocument;
const notes = [note(0, '1'), note(1, '2'), note(2, '3')];
const words = (...of: Parameters<typeof fingersOf>) => fingersOf(...of).map((line) => line.words);

test('fingers stand always, where something is new, or never', () => {
  const known = passage({ notes, fresh: [{ words: 'position III', notes: [1] }] });
  expect(words(known)).toEqual([['1', '2', '3']]);
  expect(words(known, 'new')).toEqual([['', '2', '']]);
  expect(words(known, 'never')).toEqual([]);
});

test('in a first key all is new', () => {
  expect(words(passage({ notes }), 'new')).toEqual([['1', '2', '3']]);
});

test('nothing stands where nothing is to be said', () => {
  expect(words(passage({ notes, fresh: [] }), 'new')).toEqual([]);
  expect(words(passage({ notes: [note(0, '')] }))).toEqual([]);
  expect(words(passage(undefined))).toEqual([]);
});

test('of two hands the one on the top staff has its fingers above it, the other below', () => {
  const voices = [{ voice: 0, texts: ['5', '4', '3'], fresh: [2] }];
  const rightOnTop = passage({ notes, voices }, [{ voice: 0, above: false }]);
  expect(fingersOf(rightOnTop)).toEqual([
    { voice: LINE, words: ['1', '2', '3'], above: true },
    { voice: 0, words: ['5', '4', '3'], above: false },
  ]);
  expect(words(rightOnTop, 'new')).toEqual([
    ['1', '2', '3'],
    ['', '', '3'],
  ]);
  const leftBelow = passage({ notes, voices }, [{ voice: 0, above: true }]);
  expect(fingersOf(leftBelow).map((line) => line.above)).toEqual([false, true]);
});

test('frets stand on a staff of strings, and the fingers over the notes', () => {
  const fretted = (at: number, string: number, fret: number, finger: number) => ({
    note: at,
    text: String(fret),
    look: { fret: { string, fret, finger } },
  });
  const hand = {
    family: 'frets',
    neck: { strings: ['E', 'B', 'G', 'D', 'A', 'E'] },
    notes: [fretted(0, 6, 3, 2), fretted(1, 5, 0, 0)],
  };
  expect(fingersOf(passage(hand))).toEqual([
    { voice: LINE, words: ['2', ''], above: true },
    { voice: LINE, words: ['3', '0'], above: false, strings: { count: 6, of: [6, 5] } },
  ]);
});
