import { useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { Problem } from '../../api/client';
import { stepQuery, useKeepStep } from '../../api/teacher';
import type { Step } from '../../api/types';
import { useBench } from './BenchContext';

/** Keeping what lies on the bench. */
export interface Keeping {
  /** Keeps it, unless it is kept already; tells whether it is kept now. */
  keep: () => Promise<boolean>;
  /** Keeps it as a new step beside the one it came from. */
  keepAsNew: () => Promise<boolean>;
  /** Lays the step as it was changed elsewhere on the bench, in place of what is here. */
  loadOther: () => Promise<void>;
  busy: boolean;
  error: unknown;
  /** Whether the same step was changed elsewhere meanwhile. */
  conflict: boolean;
}

export function useKeeping(): Keeping {
  const { state, dispatch } = useBench();
  const mutation = useKeepStep();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const send = async (id?: number, version?: number) => {
    if (mutation.isPending) return false;
    try {
      const step = (await mutation.mutateAsync({
        id,
        version,
        document: state.document,
        ladder: state.ladder,
      })) as Step;
      dispatch({ type: 'kept', step });
      navigate(`/bench/${step.id}`, { replace: state.id === step.id });
      return true;
    } catch {
      return false;
    }
  };
  return {
    keep: () => (state.kept ? Promise.resolve(true) : send(state.id, state.version)),
    keepAsNew: () => send(),
    loadOther: async () => {
      if (state.id === undefined) return;
      const step = await queries.fetchQuery({ ...stepQuery(state.id), staleTime: 0 });
      dispatch({ type: 'load', step });
      mutation.reset();
    },
    busy: mutation.isPending,
    error: mutation.error,
    conflict: mutation.error instanceof Problem && mutation.error.status === 409,
  };
}
