import { useQuery, useQueryClient } from '@tanstack/react-query';
import { api, data } from './client';
import { useOnce } from './once';
import { useStudentsChanged } from './students';
import type { Climb, Goal } from './types';

export function useRecipes() {
  return useQuery({
    queryKey: ['recipes'],
    queryFn: () => data(api.GET('/api/recipes')),
    staleTime: Infinity,
  });
}

/** Makes a routine of a recipe, from a tonic. */
export function useOpenRecipe() {
  const client = useQueryClient();
  return useOnce({
    mutationFn: ({ id, tonic }: { id: string; tonic?: string }) =>
      data(api.POST('/api/recipes/{id}', { params: { path: { id } }, body: { tonic } })),
    onSuccess: (routine) => {
      client.setQueryData(['routine', routine.id], routine);
      return client.invalidateQueries({ queryKey: ['routines'] });
    },
  });
}

/** Holds a student on the rung, or lets them go on. */
export function useHold() {
  const changed = useStudentsChanged();
  return useOnce({
    mutationFn: ({ id, holds }: { id: number; holds: boolean }) =>
      data(api.POST('/api/assignments/{id}/hold', { params: { path: { id } }, body: { holds } })),
    onSuccess: changed,
  });
}

/** Gives what of something still fits the student's range. */
export function useFit() {
  const changed = useStudentsChanged();
  return useOnce({
    mutationFn: (id: number) => data(api.POST('/api/assignments/{id}/fit', { params: { path: { id } } })),
    onSuccess: changed,
  });
}

/** Puts a student on a rung. */
export function usePlace() {
  const changed = useStudentsChanged();
  return useOnce({
    mutationFn: ({ id, at }: { id: number; at: number[] }) =>
      data(api.POST('/api/assignments/{id}/place', { params: { path: { id } }, body: { at } })),
    onSuccess: changed,
  });
}

/** Lets a student play a wider or a shorter range. */
export function useSpan() {
  const changed = useStudentsChanged();
  return useOnce({
    mutationFn: ({ id, wider }: { id: number; wider: boolean }) =>
      data(api.POST('/api/assignments/{id}/span', { params: { path: { id } }, body: { wider } })),
    onSuccess: changed,
  });
}

/** Takes the last decision about something given back. */
export function useTakeBack() {
  const changed = useStudentsChanged();
  return useOnce({
    mutationFn: (id: number) => data(api.POST('/api/assignments/{id}/undo', { params: { path: { id } } })),
    onSuccess: changed,
  });
}

/** Changes the climb of an assignment. */
export function useChangeClimb() {
  const changed = useStudentsChanged();
  return useOnce({
    mutationFn: ({ id, climb }: { id: number; climb: Climb }) =>
      data(api.POST('/api/assignments/{id}/climb', { params: { path: { id } }, body: { climb } })),
    onSuccess: changed,
  });
}

/** Sets a tempo to be met by a day; none takes it away. */
export function useGoal() {
  const changed = useStudentsChanged();
  return useOnce({
    mutationFn: ({ id, goal }: { id: number; goal?: Goal }) =>
      data(api.PUT('/api/assignments/{id}/goal', { params: { path: { id } }, body: { goal } })),
    onSuccess: changed,
  });
}

/** What is stored of a student's climb, from which the page works out how it will go on. */
export function useForecastGround(id: number) {
  return useQuery({
    queryKey: ['forecast', id],
    queryFn: () => data(api.GET('/api/assignments/{id}/forecast', { params: { path: { id } } })),
  });
}
