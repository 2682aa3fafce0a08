import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, data } from './client';
import { useStudentsChanged } from './students';

/** Students who are deleted and can be taken back. */
export function useDeletedStudents(shown: boolean) {
  return useQuery({
    queryKey: ['students', 'deleted'],
    queryFn: () => data(api.GET('/api/students/deleted')),
    enabled: shown,
  });
}

/** Deletes a student who is put away. */
export function useDeleteStudent() {
  const changed = useStudentsChanged();
  return useMutation({
    mutationFn: ({ id, name }: { id: number; name: string }) =>
      data(api.POST('/api/students/{id}/delete', { params: { path: { id } }, body: { name } })),
    onSuccess: changed,
  });
}

export function useTakeBackStudent() {
  const changed = useStudentsChanged();
  return useMutation({
    mutationFn: (id: number) => data(api.POST('/api/students/{id}/take-back', { params: { path: { id } } })),
    onSuccess: changed,
  });
}

/** Deletes the studio, or takes it back: everything is asked again after that. */
export function useDeleteStudio() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (name: string) => data(api.POST('/api/studio/delete', { body: { name } })),
    onSuccess: () => client.invalidateQueries({ queryKey: ['session'] }),
  });
}

export function useTakeBackStudio() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: () => data(api.POST('/api/studio/take-back')),
    onSuccess: () => client.invalidateQueries(),
  });
}
