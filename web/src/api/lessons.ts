import { useMutation, useQuery } from '@tanstack/react-query';
import { api, data } from './client';
import { useOnce } from './once';
import { useStudentsChanged } from './students';
import type { AnswerRequest, NoteRequest } from './types';

/** Everything that a lesson needs. */
export function useLesson(studentId: number) {
  return useQuery({
    queryKey: ['lesson', studentId],
    queryFn: () => data(api.GET('/api/students/{id}/lesson', { params: { path: { id: studentId } } })),
    refetchOnWindowFocus: true,
  });
}

/** The lessons of the week. */
export function useTimetable() {
  return useQuery({
    queryKey: ['students', 'timetable'],
    queryFn: () => data(api.GET('/api/students/timetable')),
  });
}

/** Writes a lesson note, or changes one. */
export function useWriteNote() {
  const changed = useStudentsChanged();
  return useOnce({
    mutationFn: ({ studentId, id, ...body }: NoteRequest & { studentId: number; id?: number }) =>
      id === undefined
        ? data(api.POST('/api/students/{id}/lesson-notes', { params: { path: { id: studentId } }, body }))
        : data(api.PUT('/api/lesson-notes/{id}', { params: { path: { id } }, body })),
    onSuccess: changed,
  });
}

/** A month for the parents. */
export function useReport(studentId: number, month: string | undefined) {
  return useQuery({
    queryKey: ['report', studentId, month],
    queryFn: () =>
      data(api.GET('/api/students/{id}/report', { params: { path: { id: studentId }, query: { month } } })),
  });
}

/** The next questions for a student, and the last answers. */
export function useQuiz(studentId: number) {
  return useQuery({
    queryKey: ['quiz', studentId],
    queryFn: () => data(api.GET('/api/students/{id}/quiz', { params: { path: { id: studentId } } })),
    staleTime: Infinity,
  });
}

export function useAnswer(studentId: number) {
  return useOnce({
    mutationFn: (body: AnswerRequest) =>
      data(api.POST('/api/students/{id}/quiz/answers', { params: { path: { id: studentId } }, body })),
  });
}

/** Gives the quiz as practice, or takes it back. */
export function useGiveQuiz(studentId: number) {
  const changed = useStudentsChanged();
  return useMutation({
    mutationFn: (given: boolean) =>
      data(api.PUT('/api/students/{id}/quiz', { params: { path: { id: studentId } }, body: { given } })),
    onSuccess: changed,
  });
}
