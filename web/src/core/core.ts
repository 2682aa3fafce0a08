import { load, type Loaded } from './load';

/** Whether the core is here. */
export type CoreState = 'loading' | 'ready' | 'failed';

let loaded: Loaded | undefined;
let loading: Promise<Loaded> | undefined;
let failed = false;
const listeners = new Set<() => void>();

function tell() {
  listeners.forEach((listener) => listener());
}

/** Loads the core once; after a failure the next call tries again. */
export function loadCore(): Promise<Loaded> {
  if (!loading) {
    failed = false;
    loading = load().then(
      (here) => {
        loaded = here;
        tell();
        return here;
      },
      (error: unknown) => {
        loading = undefined;
        failed = true;
        tell();
        throw error;
      },
    );
    tell();
  }
  return loading;
}

export const coreState = (): CoreState => (loaded ? 'ready' : failed ? 'failed' : 'loading');

export function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** The answer of the core, at once; only behind a place that has waited for it. */
export function ask(what: string, asked: string): string {
  if (!loaded) throw new Error('The core was asked before it was here.');
  return loaded.core.ask(what, asked);
}
