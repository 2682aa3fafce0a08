import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, data } from './client';
import type { Session } from './types';

/** Takes what came back as who is signed in now. */
function useEntered() {
  const client = useQueryClient();
  return (session: Session) => client.setQueryData(['session'], session);
}

export function useChangePassword() {
  const entered = useEntered();
  return useMutation({
    mutationFn: (body: { now: string; password: string }) => data(api.PUT('/api/account/password', { body })),
    onSuccess: entered,
  });
}

/** Asks for another address; it counts when the letter sent there is answered. */
export function useChangeAddress() {
  return useMutation({
    mutationFn: (body: { email: string; password: string }) => data(api.PUT('/api/account/email', { body })),
  });
}

export function useSignOutEverywhere() {
  const entered = useEntered();
  return useMutation({
    mutationFn: () => data(api.POST('/api/account/sign-out-everywhere')),
    onSuccess: entered,
  });
}

/** Asks for a letter about a forgotten password. */
export function useForgotten() {
  return useMutation({
    mutationFn: (email: string) => data(api.POST('/api/letters/forgotten', { body: { email } })),
  });
}

export function useNewPassword() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (body: { word: string; password: string }) =>
      data(api.POST('/api/letters/new-password', { body })),
    onSuccess: (session) => {
      // Nothing that somebody else has seen at this window.
      client.clear();
      client.setQueryData(['session'], session);
    },
  });
}

/** Who teaches in this studio. */
export function useTeachers() {
  return useQuery({ queryKey: ['teachers'], queryFn: () => data(api.GET('/api/teachers')) });
}

export function useInviteTeacher() {
  return useMutation({
    mutationFn: (body: { name: string; email: string }) => data(api.POST('/api/teachers', { body })),
  });
}

export function useLetTeacherGo() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (id: number) => data(api.DELETE('/api/teachers/{id}', { params: { path: { id } } })),
    onSuccess: () => client.invalidateQueries({ queryKey: ['teachers'] }),
  });
}

/** Takes up an invitation to teach. */
export function useJoin() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (body: { word: string; password: string }) => data(api.POST('/api/letters/join', { body })),
    onSuccess: (session) => {
      // Nothing that somebody else has seen at this window.
      client.clear();
      client.setQueryData(['session'], session);
    },
  });
}

/** Answers a letter: makes the studio, or takes the new address. */
export function useAnswerLetter() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (word: string) => data(api.POST('/api/letters/answer', { body: { word } })),
    onSuccess: () => client.clear(),
  });
}

/** The simulated mailbox of the demo. */
export function useMailbox() {
  return useQuery({
    queryKey: ['mailbox'],
    queryFn: () => data(api.GET('/api/mailbox')),
    staleTime: 0,
    // A letter is written beside the request that asked for it, and may come after the page.
    refetchInterval: 1500,
  });
}

/** How it stands with the backups. */
export function useBackups() {
  return useQuery({ queryKey: ['backups'], queryFn: () => data(api.GET('/api/backups')) });
}
