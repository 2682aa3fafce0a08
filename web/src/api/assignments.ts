import { useMutation, useQuery } from '@tanstack/react-query';
import { api, data } from './client';
import { useOnce } from './once';
import { useStudentsChanged } from './students';
import type { Goal } from './types';

export function useAssign() {
  const changed = useStudentsChanged();
  return useOnce({
    mutationFn: (body: {
      stepId: number;
      studentId: number;
      startsOn: string;
      endsOn?: string;
      weekdays?: number[];
      minutesADay: number;
      start?: number[];
      goal?: Goal;
    }) => data(api.POST('/api/assignments', { body })),
    onSuccess: changed,
  });
}

export function useEndAssignment() {
  const changed = useStudentsChanged();
  return useMutation({
    mutationFn: ({ id, resume }: { id: number; resume?: boolean }) => {
      const params = { path: { id } };
      return resume
        ? data(api.POST('/api/assignments/{id}/resume', { params }))
        : data(api.POST('/api/assignments/{id}/end', { params }));
    },
    onSuccess: changed,
  });
}

/** Changes until when, on which days and how long something given is practised. */
export function useReschedule() {
  const changed = useStudentsChanged();
  return useMutation({
    mutationFn: ({ id, ...body }: { id: number; endsOn?: string; weekdays: number[]; minutesADay: number }) =>
      data(api.PUT('/api/assignments/{id}/schedule', { params: { path: { id } }, body })),
    onSuccess: changed,
  });
}

export function useAssignments(studentId: number) {
  return useQuery({
    queryKey: ['assignments', studentId],
    queryFn: () => data(api.GET('/api/students/{id}/assignments', { params: { path: { id: studentId } } })),
  });
}
