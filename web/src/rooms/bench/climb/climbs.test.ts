import { describe, expect, it } from 'vitest';
import type { Climb, ClimbAxis } from '../../../api/types';
import { FIRST } from '../state';
import { nextRung, withNewAxis, withoutRung, withStep } from '../../../parts/climbs/climbs';

const CLIMB: Climb = {
  policy: 'in-turn',
  rate: 'same-rate',
  restart: 80,
  axes: [
    { axis: 'tempo', from: 60, to: 96, scheme: { type: 'fixed', by: 4 } },
    { axis: 'value', rungs: [{ figure: ['1/4'] }, { figure: ['1/8'] }] },
  ],
  rules: { clean: 3, misses: 3, rungsADay: 3 },
  repetitions: 5,
};
const OFFERED: ClimbAxis[] = [
  { axis: 'value', rungs: [{ figure: ['1/4'] }, { figure: ['1/8'] }, { figure: ['1/16'] }] },
  { axis: 'span', rungs: [{ octaves: 1 }, { octaves: 2 }, { octaves: 3 }] },
];

describe('a climb', () => {
  it('offers the rung after the last, and none when all are there', () => {
    expect(nextRung(CLIMB.axes[1]!, OFFERED)).toEqual({ figure: ['1/16'] });
    expect(nextRung(OFFERED[0]!, OFFERED)).toBeUndefined();
  });

  it('offers again a rung that was taken out', () => {
    const less = withoutRung(CLIMB, 1, 0);
    expect(less.axes[1]!.rungs).toEqual([{ figure: ['1/8'] }]);
    expect(CLIMB.axes[1]!.rungs).toHaveLength(2);
  });

  it('begins a new axis with where the step is and one further; a tempo goes first', () => {
    expect(withNewAxis(CLIMB, 'span', FIRST, OFFERED).axes.at(-1)).toEqual({
      axis: 'span',
      rungs: [{ octaves: 1 }, { octaves: 2 }],
    });
    const tempo = withNewAxis({ ...CLIMB, axes: [] }, 'tempo', FIRST, OFFERED).axes[0]!;
    expect([tempo.from, tempo.to]).toEqual([72, 96]);
    const quick = { ...FIRST, tempo: { ...FIRST.tempo, bpm: 390 } };
    expect(withNewAxis({ ...CLIMB, axes: [] }, 'tempo', quick, OFFERED).axes[0]!.to).toBe(400);
  });

  it('takes another step size, except on the dial with its own marks', () => {
    expect(withStep(CLIMB, 2).axes[0]!.scheme).toEqual({ type: 'fixed', by: 2 });
    const dial: Climb = { ...CLIMB, axes: [{ axis: 'tempo', from: 60, to: 96, scheme: { type: 'dial' } }] };
    expect(withStep(dial, 2)).toEqual(dial);
  });
});
