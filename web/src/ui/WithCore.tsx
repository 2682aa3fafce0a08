import type { ReactNode } from 'react';
import { Problem } from '../api/client';
import { loadCore } from '../core/core';
import { useCore } from '../core/useCore';
import { Waiting } from './Waiting';
import { Wrong } from './Wrong';

const MISSING = new Problem(
  0,
  'What works out the notes did not come. Everything you typed is kept; check the network and try again.',
);

/** Says that the core did not come, and offers to try again. */
export function NoCore() {
  return <Wrong error={MISSING} again={() => void loadCore().catch(() => undefined)} />;
}

/** Shows what asks the core once that is here; says so where it does not come, and offers to try again. */
export function WithCore({ children }: { children: ReactNode }) {
  const core = useCore();
  if (core === 'ready') return children;
  if (core === 'loading') return <Waiting />;
  return <NoCore />;
}
