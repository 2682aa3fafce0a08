import { Wrong } from '../../ui/Wrong';
import { TapReport } from './TapReport';
import type { TapsFound } from './useTaps';

/** What came of tapping along, or why nothing can be told. */
export function Tapped({ found }: { found: TapsFound }) {
  if (found?.answer) return <TapReport report={found.answer} />;
  return found ? <Wrong error={found.refused} /> : null;
}
