import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { api, data } from './client';
import type { Verdict } from './types';

export function useDesk(page: number, verdict?: Verdict) {
  return useQuery({
    queryKey: ['desk', page, verdict],
    queryFn: () => data(api.GET('/api/desk', { params: { query: { page, verdict } } })),
    placeholderData: keepPreviousData,
    refetchOnWindowFocus: true,
  });
}

export function useKeyPath(studentId: number) {
  return useQuery({
    queryKey: ['keyPath', studentId],
    queryFn: () => data(api.GET('/api/students/{id}/key-path', { params: { path: { id: studentId } } })),
    refetchOnWindowFocus: true,
  });
}

/** What a student wrote to the teacher, newest first. */
export function useWords(studentId: number) {
  return useQuery({
    queryKey: ['words', studentId],
    queryFn: () => data(api.GET('/api/students/{id}/words', { params: { path: { id: studentId } } })),
  });
}

export function useTakes(studentId: number, page: number) {
  return useQuery({
    queryKey: ['keyPath', studentId, 'takes', page],
    queryFn: () =>
      data(api.GET('/api/students/{id}/takes', { params: { path: { id: studentId }, query: { page } } })),
    placeholderData: keepPreviousData,
  });
}
