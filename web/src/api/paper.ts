import { useQuery, useQueryClient } from '@tanstack/react-query';
import { api, data } from './client';
import { useOnce } from './once';
import type { Tick } from './types';

/** What stands on a student's week sheet. */
export function usePaper(id: number) {
  return useQuery({
    queryKey: ['paper', id],
    queryFn: () => data(api.GET('/api/students/{id}/paper', { params: { path: { id } } })),
    gcTime: 0,
  });
}

/** Keeps the boxes that were ticked. */
export function useTypeIn(id: number) {
  const client = useQueryClient();
  return useOnce({
    mutationFn: (ticks: Tick[]) =>
      data(api.POST('/api/students/{id}/paper', { params: { path: { id } }, body: { ticks } })),
    // Takes change whatever is said of a student.
    onSuccess: () => client.invalidateQueries(),
  });
}
