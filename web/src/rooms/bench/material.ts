import type { Catalogue, RoutineRow, StepEditing } from '../../api/types';

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
  /** The change that makes it of the step on the bench; a routine is opened instead. */
  edit?: StepEditing;
  routine?: RoutineRow;
}

/** All that there is, as changes of the step on the bench. */
export function allFinds(catalogue: Catalogue, routines: RoutineRow[]): Find[] {
  const forms = catalogue.forms.map<Find>((form) => ({
    id: `form ${form.id}`,
    kind: 'form',
    family: form.family,
    name: form.name,
    description: form.description,
    words: `${form.name} ${form.id} ${form.family} ${form.degrees}`.toLowerCase(),
    degrees: form.degrees,
    edit: { form: form.id },
  }));
  const patterns = catalogue.patterns.map<Find>((pattern) => ({
    id: `pattern ${pattern.id}`,
    kind: 'pattern',
    family: 'Patterns',
    name: pattern.name,
    description: pattern.description,
    words: `${pattern.name} ${pattern.id} ${pattern.also} patterns`.toLowerCase(),
    edit: { pattern: pattern.id },
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
