import { useEffect, useRef, useState } from 'react';
import { useKeepRoutine } from '../../api/routines';
import { store } from '../../keep/store';
import { heldOf, isKept, type BenchState } from './state';

const PAUSE_MS = 250;

/** Holds on this device what the studio does not have yet; tells whether all of it is held. */
export function useHeld(state: BenchState): boolean {
  const settled = isKept(state);
  const [held, setHeld] = useState<BenchState['draft']>();
  const { draft, id } = state;
  // What lies here at first says nothing of what is held.
  const changed = useRef(false);
  useEffect(() => {
    if (settled) {
      if (!changed.current) return;
      changed.current = false;
      void store().then((kept) => Promise.all([kept.drop(id), id === undefined || kept.drop(undefined)]));
      return;
    }
    changed.current = true;
    const timer = setTimeout(() => {
      void store()
        .then((kept) => kept.hold(heldOf(state)))
        .then((done) => done && setHeld(draft));
    }, PAUSE_MS);
    return () => clearTimeout(timer);
    // The rest of the state goes with the draft.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [draft, settled, id]);
  return held === draft;
}

/** Saves what is held of other routines than the one that is open, as soon as the studio can be reached. */
export function useOthersHeld(open: number | undefined) {
  const { mutateAsync } = useKeepRoutine();
  useEffect(() => {
    const saveAll = async () => {
      const kept = await store();
      for (const { id, version, title, steps } of await kept.drafts()) {
        if (id === open) continue;
        const sent = steps.map((step) => ({ id: step.id, document: step.document, climb: step.climb }));
        // What was changed elsewhere meanwhile waits until it is opened, and is asked about there.
        await mutateAsync({ id, version, title, steps: sent }).then(
          () => kept.drop(id),
          () => undefined,
        );
      }
    };
    const now = () => void saveAll();
    now();
    window.addEventListener('online', now);
    return () => window.removeEventListener('online', now);
  }, [open, mutateAsync]);
}
