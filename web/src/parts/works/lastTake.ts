import type { DeskRow } from '../../api/types';
import { ago, short } from '../../ui/words';

/** When a student played last, how fast and how it went. */
export function lastTakeSaid(last: DeskRow['last']): string {
  if (!last) return 'no take yet';
  const how = { clean: 'clean', slips: 'with slips', stopped: 'stopped' }[last.outcome];
  return `${ago(last.daysAgo)}: ${short(last.bpm)} bpm, ${how}`;
}
