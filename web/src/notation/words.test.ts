import { expect, test } from 'vitest';
import { sizeThatFits, wideOf } from './words';

const at = (every: number, ...words: string[]) => words.map((word, i) => ({ word, middle: i * every }));

test('words that have room keep their size', () => {
  expect(sizeThatFits(at(40, '1-3', '1-2', '0'))).toBe(1);
  expect(sizeThatFits([])).toBe(1);
});

test('words that would touch are drawn smaller, until they stand clear', () => {
  const size = sizeThatFits(at(25, '1-3', '1-2', '2-3'));
  expect(size).toBeLessThan(1);
  expect(wideOf('1-3') * size).toBeLessThan(25);
});

test('a note without a word leaves its room to those beside it', () => {
  expect(sizeThatFits(at(25, '1-3', '', '1-2'))).toBe(1);
});

test('words stay large enough to read', () => {
  expect(sizeThatFits(at(2, '1-2-3', '1-2-3'))).toBeGreaterThan(0.6);
});
