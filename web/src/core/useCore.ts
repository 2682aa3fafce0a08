import { useEffect, useSyncExternalStore } from 'react';
import { coreState, loadCore, subscribe, type CoreState } from './core';

/** Whether the core is here; it is loaded from the first use on. */
export function useCore(): CoreState {
  const state = useSyncExternalStore(subscribe, coreState);
  useEffect(() => {
    if (state === 'loading') loadCore().catch(() => undefined);
  }, [state]);
  return state;
}
