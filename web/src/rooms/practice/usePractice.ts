import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useMemo } from 'react';
import { data, practiceApi } from '../../api/client';
import type { TakeForm, Today, TodayItem } from '../../api/types';

/** The student's side of the studio, by the token of the practice link. */
export function usePractice(token: string) {
  const client = useMemo(() => practiceApi(token), [token]);
  const queries = useQueryClient();
  const today = useQuery({
    queryKey: ['today', token],
    queryFn: () => data(client.GET('/api/practice/today')),
    refetchOnWindowFocus: true,
  });
  const send = useCallback(
    async (take: TakeForm) => {
      const item = await data(client.POST('/api/practice/takes', { body: take }));
      queries.setQueryData<Today>(['today', token], (before) => before && withItem(before, item));
      return item;
    },
    [client, queries, token],
  );
  return { today, send };
}

function withItem(today: Today, item: TodayItem): Today {
  return {
    ...today,
    items: today.items.map((one) => (one.assignmentId === item.assignmentId ? item : one)),
  };
}

/** The passage of an assignment at a tempo. */
export function usePracticePassage(token: string, assignmentId: number, bpm: number) {
  const client = useMemo(() => practiceApi(token), [token]);
  return useQuery({
    queryKey: ['practicePassage', token, assignmentId, bpm],
    queryFn: () =>
      data(
        client.GET('/api/practice/assignments/{id}/passage', {
          params: { path: { id: assignmentId }, query: { bpm: String(bpm) } },
        }),
      ),
    staleTime: Infinity,
    placeholderData: keepPreviousData,
  });
}

/** The student's own key path. */
export function useOwnKeyPath(token: string) {
  const client = useMemo(() => practiceApi(token), [token]);
  return useQuery({
    queryKey: ['ownKeyPath', token],
    queryFn: () => data(client.GET('/api/practice/key-path')),
  });
}

/** How taps lie against the notes; nothing is kept. */
export function useTapCheck(token: string, assignmentId: number) {
  const client = useMemo(() => practiceApi(token), [token]);
  return useMutation({
    mutationFn: (body: { bpm: number; taps: number[] }) =>
      data(
        client.POST('/api/practice/assignments/{id}/taps', {
          params: { path: { id: assignmentId } },
          body,
        }),
      ),
  });
}
