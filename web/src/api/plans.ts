import { useMutation, useQuery } from '@tanstack/react-query';
import { api, data } from './client';
import { useOnce } from './once';
import { useStudentsChanged } from './students';
import type { KeyPlanRequest } from './types';

/** The key plans of a student. */
export function useKeyPlans(studentId: number) {
  return useQuery({
    queryKey: ['plans', studentId],
    queryFn: () => data(api.GET('/api/students/{id}/key-plans', { params: { path: { id: studentId } } })),
  });
}

export function useGivePlan() {
  const changed = useStudentsChanged();
  return useOnce({
    mutationFn: (body: KeyPlanRequest) => data(api.POST('/api/key-plans', { body })),
    onSuccess: changed,
  });
}

export type PlanStep = 'skip' | 'repeat' | 'hold' | 'go-on' | 'undo' | 'end' | 'resume';

/** Decides about a plan, takes the last decision back, or ends it. */
export function useDecidePlan() {
  const changed = useStudentsChanged();
  return useMutation({
    mutationFn: ({ id, step }: { id: number; step: PlanStep }) => {
      const params = { path: { id } };
      if (step === 'undo') return data(api.POST('/api/key-plans/{id}/undo', { params }));
      if (step === 'end') return data(api.POST('/api/key-plans/{id}/end', { params }));
      if (step === 'resume') return data(api.POST('/api/key-plans/{id}/resume', { params }));
      return data(api.POST('/api/key-plans/{id}/decisions', { params, body: { kind: step } }));
    },
    onSuccess: changed,
  });
}

/** A key plan with everything it brings, key by key; nothing is asked for without an id. */
export function useBooklet(id: number | undefined) {
  return useQuery({
    queryKey: ['plans', 'booklet', id],
    queryFn: () => data(api.GET('/api/key-plans/{id}/booklet', { params: { path: { id: id! } } })),
    enabled: id !== undefined,
  });
}
