import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useRef } from 'react';
import { data, isClosing, practiceApi } from '../../api/client';
import type { AnswerRequest, Today, TodayItem } from '../../api/types';
import { useCore } from '../../core/useCore';
import { useDay } from '../../ui/useDay';
import type { Entry } from '../../keep/store';
import { useOutbox } from './keep/useOutbox';
import { useList } from './useList';
import { putPiece, roomOf, takenOf, useAgain, useRoom, type Kept } from './useRoom';

const SETTLE_MS = 1_500;

function useClient(token: string) {
  return useMemo(() => practiceApi(token), [token]);
}

/** The student's side of the studio, by the token of the practice link, as it stands after what is not sent yet. */
export function usePractice(token: string) {
  const client = useClient(token);
  const queries = useQueryClient();
  const core = useCore();
  const day = useDay();
  // The first view; then the list is worked out here, over the student's own log.
  const today = useQuery({
    queryKey: ['today', token],
    queryFn: () => data(client.GET('/api/practice/today')),
  });
  const room = useRoom(token, today.data !== undefined);
  const send = useCallback(
    async (entry: Entry) => {
      if (entry.kind === 'word') {
        await data(client.POST('/api/practice/words', { body: entry.form }));
        return;
      }
      const { item, piece } = await data(client.POST('/api/practice/takes', { body: entry.form }));
      await putPiece(queries, token, entry.form, piece);
      queries.setQueryData<Today>(
        ['today', token],
        (before) => before && { ...before, items: before.items.map((one) => newer(one, item)) },
      );
    },
    [client, queries, token],
  );
  const outbox = useOutbox(token, today.data?.room ?? room.data?.room, send);
  const { waiting } = outbox;
  const again = useAgain(token);
  const done = waiting.length === 0;
  const sent = useRef(false);
  useEffect(() => {
    // When everything has arrived, it is asked once more what the teacher may have changed.
    if (!done) sent.current = true;
    if (!done || !sent.current) return;
    sent.current = false;
    const timer = window.setTimeout(again, SETTLE_MS);
    return () => window.clearTimeout(timer);
  }, [done, again]);
  const kept = useMemo((): Kept | undefined => {
    if (!room.data) return undefined;
    const { arrived } = room.data;
    const taken = waiting.flatMap((entry) =>
      entry.kind === 'take' && !arrived.includes(entry.form.clientId) ? [takenOf(entry.form)] : [],
    );
    return { room: roomOf(room.data), taken };
  }, [room.data, waiting]);
  const own = useList(core === 'ready' ? kept : undefined, day);
  // While a list of another day is all there is, the one of this day is waited for.
  const given = core === 'failed' || today.data?.day === day || !kept ? today.data : undefined;
  // A kept list is of no use once the studio has said that the link was replaced.
  const closed = isClosing(today.error);
  const list = closed ? undefined : (own ?? given);
  return { list, kept, closed, asked: today, core, outbox };
}

/** An item after a take; what it is for today, and how often, was settled with the list. */
function newer(before: TodayItem, item: TodayItem): TodayItem {
  if (before.assignmentId !== item.assignmentId) return before;
  const { repetitions, minutes } = before.toPlay;
  return { ...item, why: before.why, toPlay: { ...item.toPlay, repetitions, minutes } };
}

/** Asks for the keys while nothing is played, so that they are there without network. */
export function useKeptKeys(token: string, wanted: boolean) {
  const queries = useQueryClient();
  useEffect(() => {
    if (wanted) void queries.prefetchQuery(keyPathQuery(token));
  }, [queries, token, wanted]);
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
