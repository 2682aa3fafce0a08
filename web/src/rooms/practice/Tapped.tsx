import { Wrong } from '../../ui/Wrong';
import { TapReport } from './TapReport';
import type { useTapCheck } from './usePractice';

/** What came of tapping along; the taps are kept until the studio has looked at them. */
export function Tapped({ check }: { check: ReturnType<typeof useTapCheck> }) {
  if (check.data) return <TapReport report={check.data} />;
  if (check.isError) return <Wrong error={check.error} again={() => check.mutate(check.variables)} />;
  return null;
}
