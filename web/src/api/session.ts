import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, data } from './client';

/** Who is signed in; asked once, and again after signing in or out. */
export function useSession() {
  return useQuery({
    queryKey: ['session'],
    queryFn: () => data(api.GET('/api/session')),
    staleTime: Infinity,
  });
}

export function useSignIn() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (body: { email: string; password: string }) => data(api.POST('/api/session', { body })),
    onSuccess: (session) => {
      // Nothing that somebody else has seen at this window.
      client.clear();
      client.setQueryData(['session'], session);
    },
  });
}

export function useSignUp() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (body: {
      studio: string;
      name: string;
      email: string;
      password: string;
      invitation?: string;
    }) => data(api.POST('/api/accounts', { body })),
    onSuccess: (session) => {
      if (!session.letter) client.setQueryData(['session'], session);
    },
  });
}
