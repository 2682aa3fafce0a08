import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, data } from './client';
import type { ArchiveFound } from './types';

/** Brings an archive, and asks what it holds; nothing of it is kept. */
export function lookIntoArchive(file: File, signal: AbortSignal): Promise<ArchiveFound> {
  return data(
    api.POST('/api/archives', {
      // The file goes as it is.
      body: file as never,
      bodySerializer: (body: unknown) => body as File,
      headers: { 'Content-Type': 'application/octet-stream' },
      signal,
    }),
  );
}

const OFTEN_MS = 700;

/** How far an archive has come, while it is taken over. */
export function useArchiveProgress(id: string, taking: boolean) {
  return useQuery({
    queryKey: ['archive', id],
    queryFn: () => data(api.GET('/api/archives/{id}', { params: { path: { id } } })),
    enabled: taking,
    refetchInterval: OFTEN_MS,
    gcTime: 0,
  });
}

export function useTakeArchive() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (id: string) => data(api.POST('/api/archives/{id}/take', { params: { path: { id } } })),
    onSuccess: () => client.invalidateQueries(),
  });
}

export function useUndoArchive() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (id: string) => data(api.POST('/api/archives/{id}/undo', { params: { path: { id } } })),
    onSuccess: () => client.invalidateQueries(),
  });
}

export function giveUpArchive(id: string) {
  return data(api.DELETE('/api/archives/{id}', { params: { path: { id } } }));
}
