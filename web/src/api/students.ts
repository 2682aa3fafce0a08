import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, data } from './client';
import type { StudentRequest } from './types';

export function useStudents(page = 0, archived = false) {
  return useQuery({
    queryKey: ['students', page, archived],
    queryFn: () => data(api.GET('/api/students', { params: { query: { page, archived } } })),
    placeholderData: keepPreviousData,
  });
}

/** All students who are not put away, by name: for choosing among them. */
export function useEverybody() {
  return useQuery({
    queryKey: ['students', 'everybody'],
    queryFn: async () => {
      const page = (at: number) =>
        data(api.GET('/api/students', { params: { query: { page: at, archived: false } } }));
      const first = await page(0);
      const others = await Promise.all(Array.from({ length: first.pages - 1 }, (_, i) => page(i + 1)));
      return [first, ...others].flatMap((one) => one.items);
    },
  });
}

/** The classes that these students are in, by name. */
export function classesOf(students: { className?: string | null }[]): string[] {
  return [...new Set(students.flatMap((one) => one.className ?? []))].sort();
}

export function useStudent(id: number) {
  return useQuery({
    queryKey: ['student', id],
    queryFn: () => data(api.GET('/api/students/{id}', { params: { path: { id } } })),
  });
}

const SHOWING_STUDENTS = [
  'students',
  'student',
  'desk',
  'keyPath',
  'assignments',
  'forecast',
  'plans',
  'lesson',
  'required',
  'report',
  'quiz',
  'keyGrid',
  'history',
];

/** Everything that shows students; asked again after any of them changed. */
export function useStudentsChanged() {
  const client = useQueryClient();
  return () => Promise.all(SHOWING_STUDENTS.map((key) => client.invalidateQueries({ queryKey: [key] })));
}

export function useKeepStudent() {
  const changed = useStudentsChanged();
  return useMutation({
    mutationFn: ({ id, ...body }: StudentRequest & { id?: number }) =>
      id === undefined
        ? data(api.POST('/api/students', { body }))
        : data(api.PUT('/api/students/{id}', { params: { path: { id } }, body })),
    onSuccess: changed,
  });
}

/** What of a student's work a change would leave without its notes; nothing is changed. */
export function useTouched() {
  return useMutation({
    mutationFn: ({ id, ...body }: StudentRequest & { id: number }) =>
      data(api.POST('/api/students/{id}/touched', { params: { path: { id } }, body })),
  });
}

/** The same for one note more or fewer. */
export function useTouchedByRange() {
  return useMutation({
    mutationFn: ({ id, ...body }: { id: number; end: 'top' | 'bottom'; notes: number }) =>
      data(api.POST('/api/students/{id}/range/touched', { params: { path: { id } }, body })),
  });
}

/** Lets a student's range grow, or shrink, by one note at one end. */
export function useGrowRange() {
  const changed = useStudentsChanged();
  return useMutation({
    mutationFn: ({ id, ...body }: { id: number; end: 'top' | 'bottom'; notes: number }) =>
      data(api.POST('/api/students/{id}/range', { params: { path: { id } }, body })),
    onSuccess: changed,
  });
}

export function useArchiveStudent() {
  const changed = useStudentsChanged();
  return useMutation({
    mutationFn: ({ id, restore }: { id: number; restore?: boolean }) => {
      const params = { path: { id } };
      return restore
        ? data(api.POST('/api/students/{id}/restore', { params }))
        : data(api.POST('/api/students/{id}/archive', { params }));
    },
    onSuccess: changed,
  });
}

export function useRenewLink() {
  const changed = useStudentsChanged();
  return useMutation({
    mutationFn: (id: number) => data(api.POST('/api/students/{id}/link', { params: { path: { id } } })),
    onSuccess: changed,
  });
}
