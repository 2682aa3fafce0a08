import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, data } from './client';
import type { FoundMusicFile } from './types';

/** How music is read: which part and voice, and in which key; the first ones and the likeliest without. */
export interface ImportReading {
  part?: number;
  voice?: number;
  tonic?: string;
  form?: string;
  /** For which instrument fingerings at the notes are read. */
  instrument?: string;
}

/** Asks what a file holds; nothing of it is kept. */
export function lookInto(file: File, reading: ImportReading, signal: AbortSignal): Promise<FoundMusicFile> {
  return data(
    api.POST('/api/imports', {
      params: { query: { name: file.name, ...reading } },
      // The file goes as it is.
      body: file as unknown as string,
      bodySerializer: (body) => body as unknown as File,
      headers: { 'Content-Type': 'application/octet-stream' },
      signal,
    }),
  );
}

/** Keeps what was found as a routine. */
export function useTakeOver() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ id, title }: { id: string; title: string }) =>
      data(api.POST('/api/imports/{id}/take', { params: { path: { id } }, body: { title } })),
    onSuccess: () => client.invalidateQueries({ queryKey: ['routines'] }),
  });
}
