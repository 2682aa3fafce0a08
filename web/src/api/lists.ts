import { keepPreviousData, useMutation, useQuery } from '@tanstack/react-query';
import { api, data } from './client';
import { useOnce } from './once';
import { useStudentsChanged } from './students';
import type { RequiredRequest } from './types';

/** The scales that a student has to be able to play. */
export function useRequired(studentId: number) {
  return useQuery({
    queryKey: ['required', studentId],
    queryFn: () => data(api.GET('/api/students/{id}/required', { params: { path: { id: studentId } } })),
  });
}

export function useAddRequired(studentId: number) {
  const changed = useStudentsChanged();
  return useOnce({
    mutationFn: (body: RequiredRequest) =>
      data(api.POST('/api/students/{id}/required', { params: { path: { id: studentId } }, body })),
    onSuccess: changed,
  });
}

export function useReadRequired(studentId: number) {
  const changed = useStudentsChanged();
  return useOnce({
    mutationFn: (text: string) =>
      data(
        api.POST('/api/students/{id}/required/read', { params: { path: { id: studentId } }, body: { text } }),
      ),
    onSuccess: changed,
  });
}

/** Takes a required scale from the list, or puts it back. */
export function useRemoveRequired() {
  const changed = useStudentsChanged();
  return useMutation({
    mutationFn: ({ id, restore }: { id: number; restore?: boolean }) => {
      const params = { path: { id } };
      return restore
        ? data(api.POST('/api/required/{id}/restore', { params }))
        : data(api.POST('/api/required/{id}/remove', { params }));
    },
    onSuccess: changed,
  });
}

/** What would come of a list of students. */
export function useStudentsPreview(text: string) {
  return useQuery({
    queryKey: ['studentsPreview', text],
    queryFn: () => data(api.POST('/api/students/read/preview', { body: { text } })),
    enabled: text.trim() !== '',
    placeholderData: keepPreviousData,
    retry: false,
  });
}

export function useReadStudents() {
  const changed = useStudentsChanged();
  return useOnce({
    mutationFn: (text: string) => data(api.POST('/api/students/read', { body: { text } })),
    onSuccess: changed,
  });
}

/** Students by keys. */
export function useKeyGrid(page: number) {
  return useQuery({
    queryKey: ['keyGrid', page],
    queryFn: () => data(api.GET('/api/keys', { params: { query: { page } } })),
    placeholderData: keepPreviousData,
  });
}

/** How it came about in one key of a student. */
export function useHistory(studentId: number, key: string | undefined) {
  return useQuery({
    queryKey: ['history', studentId, key],
    queryFn: () =>
      data(
        api.GET('/api/students/{id}/history', {
          params: { path: { id: studentId }, query: { key: key ?? '' } },
        }),
      ),
    enabled: key !== undefined,
  });
}
