import { expect, test } from 'vitest';
import { daysFrom } from './days';

test('a week goes on over the end of a month', () => {
  const days = daysFrom('2026-11-28');
  expect(days.map((one) => one.day)).toEqual([
    '2026-11-28',
    '2026-11-29',
    '2026-11-30',
    '2026-12-01',
    '2026-12-02',
    '2026-12-03',
    '2026-12-04',
  ]);
  expect(days[0]!.short).toBe('Sa');
  expect(days[0]!.long).toBe('28 November');
});
