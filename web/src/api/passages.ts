import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { api, data } from './client';
import type { StepDocument } from './types';

const AHEAD_MS = 30;

export function useCatalogue() {
  return useQuery({
    queryKey: ['catalogue'],
    queryFn: () => data(api.GET('/api/catalogue')),
    staleTime: Infinity,
  });
}

/** How a step worked out for a student is asked for; shared, so that likely next steps can be asked for ahead. */
function passageQuery(step: StepDocument, student: number | undefined) {
  return {
    queryKey: ['passage', step, student],
    queryFn: ({ signal }: { signal: AbortSignal }) =>
      data(
        api.POST('/api/passages', {
          params: { query: { with: 'score,clicks,pulse,near' } },
          body: { step, student },
          signal,
        }),
      ),
    staleTime: Infinity,
    gcTime: 60_000,
    retry: false,
  };
}

/** A step worked out for a student; the answer before stays on screen while the next one is on its way. */
export function usePassage(step: StepDocument, student: number | undefined) {
  return useQuery({ ...passageQuery(step, student), placeholderData: keepPreviousData });
}

/** Asks ahead for steps that are likely to be wanted next, so that a nudge answers at once. */
export function usePassagesAhead(steps: StepDocument[], student: number | undefined) {
  const client = useQueryClient();
  useEffect(() => {
    const timer = setTimeout(
      () => steps.forEach((step) => void client.prefetchQuery(passageQuery(step, student))),
      AHEAD_MS,
    );
    return () => clearTimeout(timer);
  }, [client, steps, student]);
}

/** How each of these students reads a step. */
export function useReadings(step: StepDocument, students: number[], wanted: boolean) {
  return useQuery({
    queryKey: ['passage', 'readings', step, students],
    queryFn: () => data(api.POST('/api/passages/readings', { body: { step, students } })),
    enabled: wanted && students.length > 0,
    retry: false,
  });
}

/** The displacements to master with a step's line. */
export function useTour() {
  return useMutation({
    mutationFn: (step: StepDocument) => data(api.POST('/api/passages/tour', { body: { step } })),
  });
}
