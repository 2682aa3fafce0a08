import { beforeEach, describe, expect, it, vi } from 'vitest';
import { localTime, newId } from './ids';

/** A browser's storage, as far as it is asked here. */
function storage() {
  const kept = new Map<string, string>();
  return {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => void kept.set(key, value),
  };
}

const HOUR = 60 * 60 * 1000;
const NOON = Date.UTC(2026, 10, 29, 12);

describe('the time of a take', () => {
  beforeEach(() => vi.stubGlobal('localStorage', storage()));

  it('is the moment it was asked for, with the distance from UTC', () => {
    expect(localTime(NOON)).toMatch(/^2026-11-\d\dT\d\d:\d\d:00\.000[+-]\d\d:\d\d$/);
    expect(Date.parse(localTime(NOON + 1000))).toBe(NOON + 1000);
  });

  it('stays later than the one before where the clock jumps back', () => {
    localTime(NOON);
    expect(Date.parse(localTime(NOON - HOUR))).toBe(NOON + 1);
    expect(Date.parse(localTime(NOON - HOUR))).toBe(NOON + 2);
  });

  it('believes a clock again that was half a day ahead', () => {
    localTime(NOON);
    expect(Date.parse(localTime(NOON - 13 * HOUR))).toBe(NOON - 13 * HOUR);
  });

  it('is given without storage too', () => {
    vi.stubGlobal('localStorage', undefined);
    expect(Date.parse(localTime(NOON))).toBe(NOON);
  });
});

describe('an id', () => {
  // RFC 9562, section 5.4: version 4 in the thirteenth digit, variant 8 to b in the seventeenth.
  it('is a random UUID', () => {
    expect(newId()).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/);
    expect(newId()).not.toBe(newId());
  });
});
