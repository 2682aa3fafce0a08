import type { AxisKind, Climb, ClimbAxis, ClimbRung, StepDocument } from '../../api/types';

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

export function withoutRung(climb: Climb, axis: number, rung: number): Climb {
  return withAxis(climb, axis, { rungs: climb.axes[axis]!.rungs?.filter((_, i) => i !== rung) });
}

/** The axes in another order: groups of those that move together stay together. */
export function inOrder(climb: Climb, groups: number[][]): Climb {
  return { ...climb, axes: groups.flat().map((i) => climb.axes[i]!) };
}

const same = (a: ClimbRung, b: ClimbRung) => JSON.stringify(a) === JSON.stringify(b);

/** What is offered for an axis. */
function offered(kind: AxisKind, suggestions: ClimbAxis[]): ClimbRung[] {
  return suggestions.find((axis) => axis.axis === kind)?.rungs ?? [];
}

/** The next rung that is offered for an axis and not there yet, those after its last rung first; none when all are. */
export function nextRung(axis: ClimbAxis, suggestions: ClimbAxis[]): ClimbRung | undefined {
  const rungs = axis.rungs ?? [];
  const all = offered(axis.axis, suggestions);
  const last = all.findIndex((rung) => rungs.length > 0 && same(rung, rungs.at(-1)!));
  return [...all.slice(last + 1), ...all].find((rung) => !rungs.some((one) => same(one, rung)));
}

/** The axis with a rung more at its end. */
export function withNextRung(climb: Climb, axis: number, suggestions: ClimbAxis[]): Climb {
  const next = nextRung(climb.axes[axis]!, suggestions);
  return next ? withAxis(climb, axis, { rungs: [...(climb.axes[axis]!.rungs ?? []), next] }) : climb;
}

/** Rungs that a new axis begins with: all places to master, else what the step is now and one rung further. */
const AT_FIRST = 2;

/** The climb with an axis more, outside the others. */
export function withNewAxis(
  climb: Climb,
  kind: AxisKind,
  step: StepDocument,
  suggestions: ClimbAxis[],
): Climb {
  if (kind === 'tempo') {
    const { bpm } = step.tempo;
    const axis: ClimbAxis = {
      axis: kind,
      from: bpm,
      to: Math.min(400, bpm + 24),
      scheme: { type: 'fixed', by: 4 },
    };
    return { ...climb, axes: [axis, ...climb.axes] };
  }
  const all = offered(kind, suggestions);
  const rungs = kind === 'place' ? all : all.slice(0, AT_FIRST);
  return { ...climb, axes: [...climb.axes, { axis: kind, rungs }] };
}

/** The climb with another step size; without a step on the dial, which has its own marks. */
export function withStep(climb: Climb, by: number): Climb {
  return {
    ...climb,
    axes: climb.axes.map((axis) =>
      axis.scheme && axis.scheme.type !== 'dial' ? { ...axis, scheme: { ...axis.scheme, by } } : axis,
    ),
  };
}
