import { dehydrate, hydrate, QueryClient, type DehydratedState } from '@tanstack/react-query';
import { isClosing, Problem } from '../../../api/client';
import { store } from './store';

const KEPT_MS = 14 * 24 * 60 * 60 * 1000;
const PAUSE_MS = 1_500;

interface Snapshot {
  build: string;
  savedAt: number;
  state: DehydratedState;
}

/** The client of the practice room: what it has learned from the studio outlives the page. */
export function newClient(): QueryClient {
  return new QueryClient({
    defaultOptions: {
      queries: {
        gcTime: KEPT_MS,
        // Without network a question fails at once and what is kept is shown.
        networkMode: 'always',
        refetchOnWindowFocus: true,
        retry: (failures, error) => navigator.onLine && !(error instanceof Problem) && failures < 2,
      },
      mutations: { networkMode: 'always' },
    },
  });
}

/** Whether the studio has said that the link does not work any more. */
function isClosed(client: QueryClient): boolean {
  return client
    .getQueryCache()
    .getAll()
    .some(({ state }) => isClosing(state.error));
}

/** Fills a client with what this browser has kept for a link. */
export async function restore(client: QueryClient, token: string) {
  try {
    const kept = await store();
    const snapshot = (await kept.load(token)) as Snapshot | undefined;
    if (!snapshot) return;
    const fits = snapshot.build === __BUILD__ && Date.now() - snapshot.savedAt < KEPT_MS;
    if (fits) hydrate(client, snapshot.state);
    else await kept.forget(token);
  } catch {
    // What cannot be read is asked for again.
  }
}

/** Writes down whatever a client learns for a link, a little later; returns how to stop. */
export function keep(client: QueryClient, token: string): () => void {
  let timer = 0;
  const save = async () => {
    timer = 0;
    if (isClosed(client)) {
      // Whoever holds a link that was replaced keeps nothing of the room; what was not sent yet is kept apart.
      await (await store()).forget(token).catch(() => undefined);
      return;
    }
    // What could not be asked again, as without network, is kept as it was last known.
    const { queries, mutations } = dehydrate(client, {
      shouldDehydrateQuery: (query) => query.state.data !== undefined,
      shouldDehydrateMutation: () => false,
    });
    const known = queries.map((query) => ({
      ...query,
      state: { ...query.state, status: 'success' as const, error: null, fetchStatus: 'idle' as const },
    }));
    const state: DehydratedState = { queries: known, mutations };
    const snapshot: Snapshot = { build: __BUILD__, savedAt: Date.now(), state };
    await (await store()).save(token, snapshot).catch(() => undefined);
  };
  const stop = client.getQueryCache().subscribe((event) => {
    if (event.type !== 'updated' && event.type !== 'removed') return;
    if (timer === 0) timer = window.setTimeout(() => void save(), PAUSE_MS);
  });
  return () => {
    stop();
    window.clearTimeout(timer);
  };
}
