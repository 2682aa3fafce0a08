import type { AxisKind, Climb, ClimbAxis, ClimbRung } from '../../api/types';

export function axisOf(climb: Climb, kind: AxisKind): ClimbAxis | undefined {
  return climb.axes.find((axis) => axis.axis === kind);
}

/** The climb with one axis changed. */
export function withAxis(climb: Climb, at: number, change: Partial<ClimbAxis>): Climb {
  return { ...climb, axes: climb.axes.map((axis, i) => (i === at ? { ...axis, ...change } : axis)) };
}

export function withoutAxis(climb: Climb, at: number): Climb {
  return { ...climb, axes: climb.axes.filter((_, i) => i !== at) };
}

export function withRung(climb: Climb, axis: number, rung: number, change: ClimbRung): Climb {
  const rungs = climb.axes[axis]!.rungs ?? [];
  return withAxis(climb, axis, { rungs: rungs.map((one, i) => (i === rung ? change : one)) });
}

/** The axes in another order: groups of those that move together stay together. */
export function inOrder(climb: Climb, groups: number[][]): Climb {
  return { ...climb, axes: groups.flat().map((i) => climb.axes[i]!) };
}
