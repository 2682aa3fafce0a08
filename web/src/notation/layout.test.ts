import { describe, expect, it } from 'vitest';
import type { ScoreDocument } from '../api/types';
import { fittingScale, headWidth, layOut, MARGIN, minimumWidth, WORDS_HEIGHT } from './layout';

type Measure = ScoreDocument['measures'][number];

/** A bar of so many notes on one pitch. */
function bar(number: number, notes: number, drawn = 'B4', clef: Measure['clef'] = 'treble'): Measure {
  const glyph = (i: number) => ({
    at: '0',
    base: 8,
    dots: 0,
    note: number * 100 + i,
    drawn,
    tied: false,
    marks: [],
  });
  return { number, clef, glyphs: Array.from({ length: notes }, (_, i) => glyph(i)), beams: [], tuplets: [] };
}

function score(...measures: Measure[]): ScoreDocument {
  return { clef: 'treble', fifths: -4, meter: '4/4', time: '4/4', measures, slurs: [], ottavas: [] };
}

const EIGHT = [1, 2, 3, 4, 5, 6, 7, 8].map((number) => bar(number, 8));
const numbers = (one: ScoreDocument, width: number) =>
  layOut(one, width).systems.map((system) => system.measures.map((measure) => measure.number));

describe('laying a score out', () => {
  it('loses no bar, doubles none, and keeps their order at any width', () => {
    for (let width = 200; width <= 2400; width += 100) {
      expect(numbers(score(...EIGHT), width).flat()).toEqual([1, 2, 3, 4, 5, 6, 7, 8]);
    }
  });

  it('gives a row no more than it has room for, but for one bar that is wider than the paper', () => {
    for (let width = 200; width <= 2400; width += 100) {
      layOut(score(...EIGHT), width).systems.forEach(({ measures }, row) => {
        const used = measures.reduce((sum, measure) => sum + minimumWidth(measure), 0);
        const room = width - headWidth(score(), row === 0);
        expect(measures.length === 1 || used <= room).toBe(true);
      });
    }
  });

  it('puts rows under each other without touching, lower where notes reach far above', () => {
    const flat = layOut(score(bar(1, 8), bar(2, 8)), 300);
    const high = layOut(score(bar(1, 8), bar(2, 8, 'C7')), 300);
    expect(flat.systems).toHaveLength(2);
    expect(flat.systems[1]!.top).toBeGreaterThanOrEqual(flat.systems[0]!.words);
    expect(high.systems[1]!.staves[0]! - high.systems[1]!.top).toBeGreaterThan(
      flat.systems[1]!.staves[0]! - flat.systems[1]!.top,
    );
    expect(high.height).toBeGreaterThan(flat.height);
  });

  it('leaves room under each row for its lines of words', () => {
    const none = layOut(score(...EIGHT), 700);
    const two = layOut(score(...EIGHT), 700, { under: 2, over: 0 });
    expect(two.height - none.height).toBe(2 * WORDS_HEIGHT * none.systems.length);
  });

  it('takes the largest scale at which everything stands in the frame', () => {
    const whole = score(...EIGHT);
    for (const [width, height] of [
      [1200, 600],
      [700, 500],
      [360, 640],
    ] as const) {
      const scale = fittingScale(whole, width, height, 2, { under: 1, over: 0 });
      const laid = layOut(whole, width / scale - 2 * MARGIN, { under: 1, over: 0 });
      expect(laid.height * scale <= height || scale === 0.68).toBe(true);
    }
    expect(fittingScale(whole, 1200, 600, 1, { under: 0, over: 0 })).toBeLessThanOrEqual(1);
    expect(fittingScale(whole, 200, 50, 2, { under: 0, over: 0 })).toBe(0.68);
  });
});
