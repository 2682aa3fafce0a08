import { useQuery } from '@tanstack/react-query';
import { api, data } from './client';

/** What the Bench works with: how the studio talks and climbs, and what each student plays. */
export function useBenchStudio() {
  return useQuery({ queryKey: ['students', 'bench'], queryFn: () => data(api.GET('/api/bench')) });
}

/** What the Bench has to know of one student: the keys they come from, and how much of their playing is clean. */
export function useBenchStudent(id: number | undefined) {
  return useQuery({
    queryKey: ['students', 'bench', id],
    queryFn: () => data(api.GET('/api/bench/students/{id}', { params: { path: { id: id! } } })),
    enabled: id !== undefined,
  });
}
