import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { api, data, practiceApi } from '../../api/client';
import type { TakeAwayOptions, TakeAwayRequest } from '../../api/types';
import type { FormatId } from './formats';

/** What is taken away: something of the studio, or a student's own piece by the token of their link. */
export type Subject = { request: Omit<TakeAwayRequest, 'options'> } | { token: string; assignment: number };

interface Wanted {
  format: FormatId;
  subject: Subject;
  options: TakeAwayOptions;
}

function look({ format, subject, options }: Wanted, signal: AbortSignal) {
  const params = { path: { format } };
  if ('token' in subject) {
    const body = { assignment: subject.assignment, options };
    return data(
      practiceApi(subject.token).POST('/api/practice/exports/{format}/look', { params, body, signal }),
    );
  }
  const body = { ...subject.request, options };
  return data(api.POST('/api/exports/{format}/look', { params, body, signal }));
}

async function fetched({ format, subject, options }: Wanted, signal: AbortSignal): Promise<Response> {
  const params = { path: { format } };
  if ('token' in subject) {
    const body = { assignment: subject.assignment, options };
    const client = practiceApi(subject.token);
    return (await client.POST('/api/practice/exports/{format}', { params, body, signal, parseAs: 'stream' }))
      .response;
  }
  const body = { ...subject.request, options };
  return (await api.POST('/api/exports/{format}', { params, body, signal, parseAs: 'stream' })).response;
}

/** The name and the size of a file before it is made; asked again when anything of it changes. */
export function useLook(wanted: Wanted) {
  return useQuery({
    queryKey: ['take-away', wanted],
    queryFn: ({ signal }) => look(wanted, signal),
    retry: false,
    staleTime: 0,
    gcTime: 0,
  });
}

function save(name: string, parts: BlobPart[], type: string) {
  const url = URL.createObjectURL(new Blob(parts, { type }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  window.setTimeout(() => URL.revokeObjectURL(url), 60_000);
}

/** Fetching a file: how far it is, and how to stop it. */
export function useTakeAway(onDone: () => void) {
  const [share, setShare] = useState<number>();
  const [error, setError] = useState<Error>();
  const running = useRef<AbortController | undefined>(undefined);
  useEffect(() => () => running.current?.abort(), []);
  const take = async (wanted: Wanted, name: string) => {
    if (running.current) return;
    const control = new AbortController();
    running.current = control;
    setError(undefined);
    setShare(0);
    try {
      const response = await fetched(wanted, control.signal);
      const all = Number(response.headers.get('Content-Length')) || 1;
      const parts: BlobPart[] = [];
      let got = 0;
      for (const reader = response.body!.getReader(); ;) {
        const { done, value } = await reader.read();
        if (done) break;
        parts.push(value as BlobPart);
        got += value.length;
        setShare(Math.min(1, got / all));
      }
      save(name, parts, response.headers.get('Content-Type') ?? 'application/octet-stream');
      onDone();
    } catch (failed) {
      if (!control.signal.aborted) setError(failed as Error);
    } finally {
      running.current = undefined;
      setShare(undefined);
    }
  };
  return { take, share, error, cancel: () => running.current?.abort() };
}
