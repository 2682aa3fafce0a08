import { QueryClient } from '@tanstack/react-query';
import {
  type PersistedClient,
  type Persister,
  persistQueryClientRestore,
  persistQueryClientSave,
} from '@tanstack/react-query-persist-client';
import { isClosing, Problem } from '../api/client';
import { store } from './store';

const KEPT_MS = 14 * 24 * 60 * 60 * 1000;
const PAUSE_MS = 1_500;

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

/** Keeps a client in this browser's store, by the link it is of. */
function persisterOf(token: string): Persister {
  return {
    restoreClient: async () => (await (await store()).load(token)) as PersistedClient | undefined,
    removeClient: async () => (await store()).forget(token),
    persistClient: async (kept) => {
      // What could not be asked again, as without network, is kept as it was last known.
      const queries = kept.clientState.queries.map((query) => ({
        ...query,
        state: { ...query.state, status: 'success' as const, error: null, fetchStatus: 'idle' as const },
      }));
      await (await store()).save(token, { ...kept, clientState: { ...kept.clientState, queries } });
    },
  };
}

/** Fills a client with what this browser has kept for a link; what cannot be read is asked for again. */
export async function restore(client: QueryClient, token: string) {
  await persistQueryClientRestore({
    queryClient: client,
    persister: persisterOf(token),
    buster: __BUILD__,
    maxAge: KEPT_MS,
  }).catch(() => undefined);
}

/**
 * Writes down whatever a client learns for a link, a little later; returns how to stop.
 *
 * @param which of all that it learns
 */
export function keep(
  client: QueryClient,
  token: string,
  which: (queryKey: readonly unknown[]) => boolean = () => true,
): () => void {
  const persister = persisterOf(token);
  let timer = 0;
  const save = async () => {
    timer = 0;
    // Whoever holds a link that was replaced keeps nothing of the room; what was not sent yet is kept apart.
    if (isClosed(client)) await persister.removeClient();
    else
      await persistQueryClientSave({
        queryClient: client,
        persister,
        buster: __BUILD__,
        dehydrateOptions: {
          shouldDehydrateQuery: (query) => query.state.data !== undefined && which(query.queryKey),
          shouldDehydrateMutation: () => false,
        },
      });
  };
  const stop = client.getQueryCache().subscribe((event) => {
    if (event.type !== 'updated' && event.type !== 'removed') return;
    // A full disk keeps nothing more; what was not sent yet is held apart.
    if (timer === 0) timer = window.setTimeout(() => void save().catch(() => undefined), PAUSE_MS);
  });
  return () => {
    stop();
    window.clearTimeout(timer);
  };
}
