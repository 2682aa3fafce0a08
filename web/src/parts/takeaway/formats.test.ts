import { expect, test } from 'vitest';
import { sizeOf } from './formats';

test('sizes are read in thousands', () => {
  expect(sizeOf(0)).toBe('0 bytes');
  expect(sizeOf(999)).toBe('999 bytes');
  expect(sizeOf(1_265)).toBe('1.3 kB');
  expect(sizeOf(13_400)).toBe('13 kB');
  expect(sizeOf(999_900)).toBe('1000 kB');
  expect(sizeOf(53_000_000)).toBe('53 MB');
});
