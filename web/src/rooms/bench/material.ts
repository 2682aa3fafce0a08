import type { Catalogue, LinePart, PatternChoice, RoutineRow, StepDocument } from '../../api/types';

/** The fields of a line that belong to its pattern. */
type PatternPart = Pick<LinePart, 'pattern' | 'cell' | 'targets' | 'degrees' | 'moved' | 'chord'>;

/** A line with another pattern: range, travel and turn stay where they can. */
export function withPattern(line: LinePart, choice: PatternChoice): LinePart {
  const { pattern, cell, targets, degrees, moved, chord, octaves } = choice.line;
  const part: PatternPart = { pattern, cell, targets, degrees, moved, chord };
  const needed = octaves ?? 1;
  const wide = line.octaves != null && line.octaves < needed ? { octaves: needed } : {};
  return { ...line, ...part, ...wide, from: 1 };
}

/** The pattern of the catalogue that a line has; a sequence with a cell of its own has none. */
export function patternOf(line: LinePart, catalogue: Catalogue): PatternChoice | undefined {
  return catalogue.patterns.find(
    (choice) =>
      choice.line.pattern === line.pattern &&
      (choice.line.chord ?? 'triad') === (line.chord ?? 'triad') &&
      String(choice.line.cell ?? '') === String(line.cell ?? ''),
  );
}

/** One thing that can be found: a form or a pattern to take, or a routine to open. */
export interface Find {
  id: string;
  kind: 'form' | 'pattern' | 'routine';
  family: string;
  name: string;
  description: string;
  /** Everything it is found by, in lower case. */
  words: string;
  degrees?: string;
  /** The step it would make of the one on the bench; a routine is opened instead. */
  step?: StepDocument;
  routine?: RoutineRow;
}

/** All that there is, as changes of the step on the bench. */
export function allFinds(catalogue: Catalogue, step: StepDocument, routines: RoutineRow[]): Find[] {
  const forms = catalogue.forms.map<Find>((form) => ({
    id: `form ${form.id}`,
    kind: 'form',
    family: form.family,
    name: form.name,
    description: form.description,
    words: `${form.name} ${form.id} ${form.family} ${form.degrees}`.toLowerCase(),
    degrees: form.degrees,
    step: { ...step, key: { ...step.key, form: form.id }, line: { ...step.line, from: 1 } },
  }));
  const patterns = catalogue.patterns.map<Find>((pattern) => ({
    id: `pattern ${pattern.id}`,
    kind: 'pattern',
    family: 'Patterns',
    name: pattern.name,
    description: pattern.description,
    words: `${pattern.name} ${pattern.id} ${pattern.also} patterns`.toLowerCase(),
    step: { ...step, line: withPattern(step.line, pattern) },
  }));
  const kept = routines.map<Find>((routine) => ({
    id: `routine ${routine.id}`,
    kind: 'routine',
    family: 'Routines',
    name: routine.title,
    description: `${routine.count} ${routine.count === 1 ? 'step' : 'steps'}: ${routine.steps.join(', ')}${routine.count > routine.steps.length ? ' …' : ''}`,
    words: `${routine.title} ${routine.steps.join(' ')} routine`.toLowerCase(),
    routine,
  }));
  return [...patterns, ...forms, ...kept];
}

/** Those in which every typed word is found, the ones whose name begins so first. */
export function search(finds: Find[], text: string): Find[] {
  const typed = text.toLowerCase().split(/\s+/).filter(Boolean);
  const found = finds.filter((find) => typed.every((word) => find.words.includes(word)));
  const starts = (find: Find) => (typed[0] && find.name.toLowerCase().startsWith(typed[0]) ? 0 : 1);
  return typed.length === 0 ? found : [...found].sort((a, b) => starts(a) - starts(b));
}
