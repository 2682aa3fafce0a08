import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, data } from './client';
import { useOnce } from './once';
import type { LetterReader, LetterWish, MailServer, MailServerWish } from './types';

/** The letter about a student's week, for them or a parent. */
export function useWeekLetter(id: number, reader: LetterReader) {
  return useQuery({
    queryKey: ['letter', id, reader],
    queryFn: () =>
      data(api.GET('/api/students/{id}/letter', { params: { path: { id }, query: { reader } } })),
    // What somebody has begun to write must not be written anew beneath the pen.
    staleTime: Infinity,
    gcTime: 0,
  });
}

/** Sends a letter as it was looked over. */
export function useSendLetter(id: number) {
  const client = useQueryClient();
  return useOnce({
    mutationFn: (body: LetterWish) =>
      data(api.POST('/api/students/{id}/letter', { params: { path: { id } }, body })),
    onSuccess: () => client.invalidateQueries({ queryKey: ['sent'] }),
  });
}

/** Letters of the studio, newest first. */
export function useSent(page: number) {
  return useQuery({
    queryKey: ['sent', page],
    queryFn: () => data(api.GET('/api/sent', { params: { query: { page } } })),
  });
}

/** The studio's mail server; null where letters go into the mailbox. */
export function useMailServer(owner: boolean) {
  return useQuery({
    queryKey: ['mail-server'],
    queryFn: async () => ((await data(api.GET('/api/mail-server'))) as MailServer | undefined) ?? null,
    enabled: owner,
  });
}

/** Tries a mail server, and keeps it where it lets the studio in. */
export function useKeepMailServer() {
  const client = useQueryClient();
  return useOnce({
    mutationFn: (body: MailServerWish) => data(api.PUT('/api/mail-server', { body })),
    onSuccess: () => client.invalidateQueries({ queryKey: ['mail-server'] }),
  });
}

export function useForgetMailServer() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: () => data(api.DELETE('/api/mail-server')),
    onSuccess: () => client.invalidateQueries({ queryKey: ['mail-server'] }),
  });
}
