import type { Instrument } from '../../api/types';
import { signs } from '../../ui/signs';

interface Group {
  group: string;
  items: { value: string; label: string }[];
}

/** Instruments under their families, the studio's own first; one put away only where a student still has it. */
export function instrumentChoices(instruments: Instrument[], kept?: string): Group[] {
  const groups = new Map<string, Group>();
  for (const one of instruments) {
    if (one.archived && one.id !== kept) continue;
    const name = one.ownId != null ? 'your own' : one.family;
    const group = groups.get(name) ?? { group: name, items: [] };
    group.items.push({ value: one.id, label: one.name });
    groups.set(name, group);
  }
  return [...groups.values()];
}

/** What a transposing instrument does, in words. */
export function soundsAs(sounds: string): string {
  return sounds === 'C4' ? 'sounds as written' : `a written C4 sounds ${signs(sounds)}`;
}
