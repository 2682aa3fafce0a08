import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, data } from './client';
import type { Climb, StepDocument } from './types';

export function useRoutines(page = 0) {
  return useQuery({
    queryKey: ['routines', page],
    queryFn: () => data(api.GET('/api/routines', { params: { query: { page } } })),
    placeholderData: keepPreviousData,
  });
}

/** How one routine is asked for; shared, so that it can also be asked for anew. */
export function routineQuery(id: number) {
  return {
    queryKey: ['routine', id],
    queryFn: () => data(api.GET('/api/routines/{id}', { params: { path: { id } } })),
  };
}

/** One routine; nothing is asked for without an id. */
export function useRoutine(id: number | undefined) {
  return useQuery({ ...routineQuery(id ?? 0), enabled: id !== undefined, staleTime: 0 });
}

export interface RoutineToKeep {
  id?: number;
  version?: number;
  title: string;
  steps: { id?: number; document: StepDocument; climb: Climb }[];
}

export function useKeepRoutine() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ id, ...body }: RoutineToKeep) =>
      id === undefined
        ? data(api.POST('/api/routines', { body }))
        : data(api.PUT('/api/routines/{id}', { params: { path: { id } }, body })),
    onSuccess: (routine) => {
      client.setQueryData(['routine', routine.id], routine);
      return client.invalidateQueries({ queryKey: ['routines'] });
    },
  });
}

export function useArchiveRoutine() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ id, restore }: { id: number; restore?: boolean }) => {
      const params = { path: { id } };
      return restore
        ? data(api.POST('/api/routines/{id}/restore', { params }))
        : data(api.POST('/api/routines/{id}/archive', { params }));
    },
    onSuccess: () => client.invalidateQueries({ queryKey: ['routines'] }),
  });
}
