import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useRef, useState, type Dispatch } from 'react';
import { useNavigate } from 'react-router';
import { Problem } from '../../api/client';
import { routineQuery, useKeepRoutine } from '../../api/routines';
import { store } from '../../keep/store';
import { useHeld } from './useHeld';
import { benchReducer, isKept, isSame, type BenchAction, type BenchState } from './state';

export type SaveState = 'saved' | 'changed' | 'saving' | 'cannot' | 'held' | 'failed' | 'conflict';

/** Saving by itself, and what it has come to. */
export interface Saving {
  state: SaveState;
  error: unknown;
  /** Saves now what has not been saved; tells whether everything is kept. */
  flush: () => Promise<boolean>;
  /** Keeps what is here as a routine of its own. */
  saveAsNew: () => void;
  /** Lays the routine as it was changed elsewhere here, in place of this one. */
  loadOther: () => Promise<void>;
}

const QUIET_MS = 700;
const AGAIN_MS = 5_000;

const CONFLICT = 409;

function isConflict(error: unknown): boolean {
  return error instanceof Problem && error.status === CONFLICT;
}

/** The state with what the server has said of the same steps, where the page does not know it yet. */
function newest(state: BenchState, answered: BenchState | undefined): BenchState {
  const same = answered?.draft.steps.some((step) => state.draft.steps.some((one) => one.key === step.key));
  const later = (answered?.version ?? -1) > (state.version ?? -1);
  if (!answered || !same || !later) return state;
  const { id, version, kept, ids } = answered;
  return { ...state, id, version, kept, ids: { ...state.ids, ...ids } };
}

/** Saves the routine a moment after the last change; never over a change made elsewhere. */
export function useAutosave(state: BenchState, dispatch: Dispatch<BenchAction>, refused: boolean): Saving {
  const mutation = useKeepRoutine();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [error, setError] = useState<unknown>();
  const latest = useRef(state);
  const running = useRef<Promise<boolean> | undefined>(undefined);
  // What the server said last: known at once, while the state of the page follows with its next rendering.
  const answered = useRef<BenchState | undefined>(undefined);
  useEffect(() => {
    latest.current = state;
  });
  const { mutateAsync } = mutation;

  const save = useCallback(
    function again(): Promise<boolean> {
      if (running.current) return running.current.then((done) => (done ? again() : false));
      const now = newest(latest.current, answered.current);
      const { draft, id, version, ids } = now;
      if (isKept(now)) return Promise.resolve(true);
      const sent = draft;
      running.current = mutateAsync({
        id,
        version,
        title: sent.title,
        steps: sent.steps.map((step) => ({ id: ids[step.key], document: step.document, climb: step.climb })),
      })
        .catch(async (wrong: unknown) => {
          if (!isConflict(wrong) || id === undefined) throw wrong;
          // Its answer may have been lost, and this be the second time that the same was sent.
          const there = await queries.fetchQuery({ ...routineQuery(id), staleTime: 0 });
          if (!isSame(there, sent)) throw wrong;
          return there;
        })
        .then((routine) => {
          setError(undefined);
          answered.current = benchReducer(now, { type: 'kept', routine, sent });
          dispatch({ type: 'kept', routine, sent });
          if (id === undefined) navigate(`/bench/${routine.id}`, { replace: true });
          return true;
        })
        .catch((wrong: unknown) => {
          setError(wrong);
          return false;
        })
        .finally(() => {
          running.current = undefined;
        });
      return running.current;
    },
    [dispatch, mutateAsync, navigate, queries],
  );

  const conflict = isConflict(error);
  const settled = isKept(state);
  const held = useHeld(state);
  const { steps, title } = state.draft;
  useEffect(() => {
    if (settled || conflict || refused) return;
    const timer = setTimeout(() => void save(), error ? AGAIN_MS : QUIET_MS);
    return () => clearTimeout(timer);
  }, [steps, title, settled, conflict, refused, error, save]);

  useEffect(() => {
    if (settled || conflict || refused) return;
    const now = () => void save();
    window.addEventListener('online', now);
    return () => window.removeEventListener('online', now);
  }, [settled, conflict, refused, save]);

  // What this device does not hold is lost with the window: then the browser asks first.
  useEffect(() => {
    if (settled || held) return;
    const ask = (event: BeforeUnloadEvent) => event.preventDefault();
    window.addEventListener('beforeunload', ask);
    return () => window.removeEventListener('beforeunload', ask);
  }, [settled, held]);

  const saveState = (): SaveState => {
    if (conflict) return 'conflict';
    if (mutation.isPending) return 'saving';
    if (settled) return 'saved';
    if (refused) return 'cannot';
    if (!error) return 'changed';
    return held ? 'held' : 'failed';
  };
  const now = saveState();
  const { id } = state;
  const flush = useCallback(() => (refused ? Promise.resolve(false) : save()), [refused, save]);
  const saveAsNew = useCallback(() => {
    setError(undefined);
    answered.current = undefined;
    // What is held of it goes on as the new one.
    void store().then((kept) => kept.drop(id));
    dispatch({ type: 'asNew' });
  }, [dispatch, id]);
  const loadOther = useCallback(async () => {
    if (id === undefined) return;
    const routine = await queries.fetchQuery({ ...routineQuery(id), staleTime: 0 });
    setError(undefined);
    answered.current = undefined;
    dispatch({ type: 'load', routine });
  }, [dispatch, id, queries]);
  // The same for as long as nothing of it changes: the whole bench hangs on it.
  return useMemo(
    () => ({ state: now, error, flush, saveAsNew, loadOther }),
    [now, error, flush, saveAsNew, loadOther],
  );
}
