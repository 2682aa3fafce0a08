import type { QueryClient } from '@tanstack/react-query';
import type { Session } from '../api/types';
import { keep, restore } from './keptClient';
import { store } from './store';

/** The name under which it is kept: there is one teacher at a time. */
const TEACHER = 'teacher';

/** What the Bench and the Shelf are worked with. */
const KEPT = ['session', 'students', 'routines', 'routine', 'recipes', 'recipe', 'instruments', 'settings'];

/** Fills the teacher's client with what was last seen, to be asked for anew as soon as the studio can be reached. */
export async function restoreTeacher(client: QueryClient) {
  await restore(client, TEACHER);
  await client.invalidateQueries({ refetchType: 'none' });
  keep(client, TEACHER, ([name]) => KEPT.includes(name as string));
}

/** Whether somebody is signed in, as far as is known. */
function isSignedIn(session: Session | undefined): boolean {
  return session?.teacher !== undefined;
}

/** What is written about pupils and not sent yet begins with this. */
export const DRAFT = 'pebble-step:draft:';

/** As it was called before. */
const OLD_DRAFT = 'pebble-step:lesson-note:';

function forgetDrafts() {
  for (const key of Object.keys(localStorage))
    if (key.startsWith(DRAFT) || key.startsWith(OLD_DRAFT)) localStorage.removeItem(key);
}

/** Lets go of everything that was kept of a studio; its rooms stay, which say nothing of anybody. */
export async function forgetTeacher(client: QueryClient) {
  client.clear();
  forgetDrafts();
  const kept = await store();
  await kept.forget(TEACHER);
  await kept.dropAll();
}

/** Lets go of it where it turns out that nobody is signed in any more. */
export function forgetWhenSignedOut(client: QueryClient) {
  client.getQueryCache().subscribe(({ type, query }) => {
    if (type !== 'updated' || query.queryKey[0] !== 'session' || query.state.status !== 'success') return;
    if (query.state.isInvalidated || isSignedIn(query.state.data as Session)) return;
    forgetDrafts();
    void store().then((kept) => kept.forget(TEACHER));
  });
}
