import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo } from 'react';
import { data, isClosing, practiceApi } from '../../api/client';
import type { AnswerRequest, PassageDocument, Today, TodayItem, MadeUpPlayer } from '../../api/types';
import { isoDay } from '../../ui/words';
import { advanced, foreseen, listOf, type KeptWeek } from './foreseen';
import type { Entry } from './keep/store';
import { useOutbox } from './keep/useOutbox';

const SETTLE_MS = 1_500;

function useClient(token: string) {
  return useMemo(() => practiceApi(token), [token]);
}

/** The student's side of the studio, by the token of the practice link, as it stands after what is not sent yet. */
export function usePractice(token: string) {
  const client = useClient(token);
  const queries = useQueryClient();
  const today = useQuery({
    queryKey: ['today', token],
    queryFn: () => data(client.GET('/api/practice/today')),
  });
  const week = useQuery({
    queryKey: ['week', token],
    queryFn: async (): Promise<KeptWeek> => ({
      ...(await data(client.GET('/api/practice/week'))),
      reached: {},
    }),
    enabled: today.data !== undefined,
  });
  const send = useCallback(
    async (entry: Entry) => {
      if (entry.kind === 'word') {
        await data(client.POST('/api/practice/words', { body: entry.form }));
        return;
      }
      const item = await data(client.POST('/api/practice/takes', { body: entry.form }));
      queries.setQueryData<Today>(
        ['today', token],
        (before) => before && { ...before, items: before.items.map((one) => newer(one, item)) },
      );
      queries.setQueryData<KeptWeek>(
        ['week', token],
        (before) => before && advanced(before, entry.form, item),
      );
    },
    [client, queries, token],
  );
  const outbox = useOutbox(token, today.data?.room, send);
  const { waiting } = outbox;
  const done = waiting.length === 0;
  useEffect(() => {
    // When everything has arrived, what is foreseen is asked for afresh.
    if (!done) return;
    const timer = window.setTimeout(
      () => void queries.invalidateQueries({ queryKey: ['week', token] }),
      SETTLE_MS,
    );
    return () => window.clearTimeout(timer);
  }, [done, queries, token]);
  const list = useMemo(() => {
    const shown = listOf(isoDay(), today.data, week.data);
    const takes = waiting.flatMap((entry) => (entry.kind === 'take' ? [entry.form] : []));
    return shown && { ...shown, items: shown.items.map((item) => foreseen(item, week.data, takes)) };
  }, [today.data, week.data, waiting]);
  // Of a run over rungs the week knows the rungs; where it cannot come, the run is what is known without it.
  const weekComing = week.data === undefined && week.fetchStatus === 'fetching';
  // A kept list is of no use once the studio has said that the link was replaced.
  const closed = isClosing(today.error);
  return { list: closed ? undefined : list, closed, asked: today, week: week.data, weekComing, outbox };
}

/** An item after a take; what it is for today, and how often, was settled with the list. */
function newer(before: TodayItem, item: TodayItem): TodayItem {
  if (before.assignmentId !== item.assignmentId) return before;
  const { repetitions, minutes } = before.toPlay;
  return { ...item, why: before.why, toPlay: { ...item.toPlay, repetitions, minutes } };
}

interface Asked {
  assignmentId: number;
  edition: number;
  at: string;
  /** Another tempo than the rung's own. */
  bpm?: number;
}

function passageQuery(token: string, asked: Asked) {
  return {
    queryKey: ['passage', token, asked.assignmentId, asked.edition, asked.at, asked.bpm ?? 'own'],
    queryFn: () =>
      data(
        practiceApi(token).GET('/api/practice/assignments/{id}/passage', {
          params: {
            path: { id: asked.assignmentId },
            query: { at: asked.at, bpm: asked.bpm === undefined ? undefined : String(asked.bpm) },
          },
        }),
      ),
    staleTime: Infinity,
  };
}

/** The passage of a rung, at its own tempo or another. */
export function usePassage(token: string, asked: Asked) {
  return useQuery({ ...passageQuery(token, asked), placeholderData: keepPreviousData });
}

/** Asks for passages now, as for a run over several rungs. */
export function usePassages(token: string) {
  const queries = useQueryClient();
  return useCallback(
    (asked: Asked[]): Promise<PassageDocument[]> =>
      Promise.all(asked.map((one) => queries.ensureQueryData(passageQuery(token, one)))),
    [queries, token],
  );
}

/** Asks for every passage that the week may need, one after the other, and the keys; lets go of passages that it does not need. */
export function useKeptPassages(token: string, week: KeptWeek | undefined, resting: boolean) {
  const queries = useQueryClient();
  useEffect(() => {
    if (!week || !resting) return;
    let left = false;
    // The rung to play now of every piece first, then what comes next of each: the network may go any time.
    const wanted = week.ahead
      .flatMap(({ assignmentId, edition, rungs }) =>
        rungs.map(({ at }, near) => ({ assignmentId, edition, at, near })),
      )
      .sort((a, b) => a.near - b.near);
    const keys = new Set(wanted.map((one) => `${one.assignmentId} ${one.edition} ${one.at}`));
    queries.removeQueries({
      predicate: ({ queryKey, isActive }) =>
        queryKey[0] === 'passage' && !keys.has(`${queryKey[2]} ${queryKey[3]} ${queryKey[4]}`) && !isActive,
    });
    void (async () => {
      for (const asked of wanted) {
        if (left) return;
        await queries.prefetchQuery(passageQuery(token, asked));
      }
      if (!left) await queries.prefetchQuery(keyPathQuery(token));
    })();
    return () => {
      left = true;
    };
  }, [queries, token, week, resting]);
}

function keyPathQuery(token: string) {
  return {
    queryKey: ['ownKeyPath', token],
    queryFn: () => data(practiceApi(token).GET('/api/practice/key-path')),
  };
}

/** The student's own key path. */
export function useOwnKeyPath(token: string) {
  return useQuery(keyPathQuery(token));
}

/** The student's own quiz; without network there is none. */
export function useOwnQuiz(token: string) {
  const client = useClient(token);
  return useQuery({
    queryKey: ['ownQuiz', token],
    queryFn: () => data(client.GET('/api/practice/quiz')),
    retry: false,
    staleTime: Infinity,
  });
}

export function useOwnAnswer(token: string) {
  const client = useClient(token);
  return useMutation({
    mutationFn: (body: AnswerRequest) => data(client.POST('/api/practice/quiz/answers', { body })),
  });
}

/** How taps lie against the notes; nothing is kept. */
export function useTapCheck(token: string, assignmentId: number) {
  const client = useClient(token);
  return useMutation({
    mutationFn: (
      asked: { bpm: number; at: string; taps: number[] } | { bpm: number; at: string; player: MadeUpPlayer },
    ) =>
      'taps' in asked
        ? data(
            client.POST('/api/practice/assignments/{id}/taps', {
              params: { path: { id: assignmentId } },
              body: asked,
            }),
          )
        : data(
            client.POST('/api/practice/assignments/{id}/taps/simulated', {
              params: { path: { id: assignmentId } },
              body: asked,
            }),
          ),
  });
}

/** How late sounds are heard, by taps along with a steady click. */
export function useLatencyCheck(token: string) {
  const client = useClient(token);
  return useMutation({
    mutationFn: (taps: number[]) => data(client.POST('/api/practice/latency', { body: { taps } })),
  });
}
