import type { Catalogue, Climb, ClimbAxis, ClimbRung, StepDocument } from '../../../api/types';

/** What can grow, and what it is called here. */
export const AXES: Record<string, string> = {
  tempo: 'Tempo',
  value: 'Note values',
  span: 'Span',
  place: 'Place',
  articulation: 'Slurs',
  line: 'Line',
};

export function axisOf(climb: Climb, kind: string): ClimbAxis | undefined {
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

/** Places in teaching order, to begin with. */
const PLACES = ['0', '1/8', '1/16', '3/16', '1/12', '1/6'];

function after<T>(list: T[], one: (entry: T) => boolean): T | undefined {
  const at = list.findIndex(one);
  return list[at + 1];
}

const same = (a: ClimbRung, b: ClimbRung) => JSON.stringify(a) === JSON.stringify(b);
const MOST_TRIES = 8;

/** The axis with a rung more at its end: the next along it that is not there already. */
export function withNextRung(climb: Climb, axis: number, catalogue: Catalogue): Climb {
  const { axis: kind, rungs = [] } = climb.axes[axis]!;
  let next = nextRung(kind, rungs.at(-1)!, catalogue);
  for (let i = 0; i < MOST_TRIES && rungs.some((rung) => same(rung, next)); i += 1)
    next = nextRung(kind, next, catalogue);
  return withAxis(climb, axis, { rungs: [...rungs, next] });
}

/** What comes after a rung: the next longer, shorter or wider one, to be changed as wished. */
function nextRung(kind: string, rung: ClimbRung, catalogue: Catalogue): ClimbRung {
  switch (kind) {
    case 'value': {
      const next = after(catalogue.values, (choice) => choice.value === rung.figure?.[0]);
      return { figure: [next?.value ?? '1/4'] };
    }
    case 'span':
      if (rung.octaves != null) return { octaves: rung.octaves < 4 ? rung.octaves + 1 : 1 };
      return rung.span === 5 ? { octaves: 1 } : { span: (rung.span ?? 4) + 1 };
    case 'place':
      return { place: PLACES[(PLACES.indexOf(rung.place ?? '') + 1) % PLACES.length] };
    case 'articulation': {
      const by = rung.articulation?.by;
      return { articulation: { kind: 'slurred', by: by == null ? 2 : by * 2 } };
    }
    default: {
      const line = rung.line!;
      const other = line.pattern === 'straight' ? 'arpeggio' : 'straight';
      return {
        line: { pattern: other, octaves: 1, travel: line.travel, turn: line.turn, from: 1 },
      };
    }
  }
}

/** The rung that a step is on already. */
function ownRung(kind: string, step: StepDocument): ClimbRung {
  const { line, rhythm, articulation } = step;
  switch (kind) {
    case 'value':
      return { figure: rhythm.figure };
    case 'span':
      return line.octaves != null ? { octaves: line.octaves } : { span: line.span };
    case 'place':
      return { place: rhythm.place };
    case 'articulation':
      return { articulation };
    default:
      return { line };
  }
}

/** The climb with an axis more, outside the others: what the step is now, and one rung further. */
export function withNewAxis(climb: Climb, kind: string, step: StepDocument, catalogue: Catalogue): Climb {
  if (kind === 'tempo') {
    const { bpm } = step.tempo;
    const axis = { axis: kind, from: bpm, to: Math.min(400, bpm + 24), scheme: { type: 'fixed', by: 4 } };
    return { ...climb, axes: [axis, ...climb.axes] };
  }
  const first = ownRung(kind, step);
  const axis = { axis: kind, rungs: [first, nextRung(kind, first, catalogue)] };
  return { ...climb, axes: [...climb.axes, axis] };
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
