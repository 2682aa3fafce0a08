import { useQuery } from '@tanstack/react-query';
import { api, data, practiceApi } from '../../api/client';
import type { TakeAwayOptions, TakeAwayRequest } from '../../api/types';
import type { FormatId } from './formats';
import { fetchedSound, lookAtSound, type OwnSound } from './ownSound';
import { useFile } from './useFile';

/** What is taken away: something of the studio, or a student's own piece by the token of their link. */
export type Subject = { request: Omit<TakeAwayRequest, 'options'> } | { token: string; assignment?: number };

interface Wanted {
  format: FormatId;
  subject: Subject;
  options: TakeAwayOptions;
  /** What it sounds from, where the page itself can make it sound. */
  sound?: OwnSound;
}

/** A sound file that is made here. */
function here({ format, sound }: Wanted) {
  return format === 'wav' ? sound : undefined;
}

function look(wanted: Wanted, signal: AbortSignal) {
  const { format, subject, options } = wanted;
  const sound = here(wanted);
  if (sound) return lookAtSound(sound, options, signal);
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

async function fetched(wanted: Wanted, signal: AbortSignal): Promise<Response> {
  const { format, subject, options } = wanted;
  const sound = here(wanted);
  if (sound) return fetchedSound(sound, options, signal);
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
    networkMode: 'always',
    retry: false,
    staleTime: 0,
    gcTime: 0,
  });
}

/** Fetching one of these files: how far it is, and how to stop it. */
export function useTakeAway(onDone: () => void) {
  const { take, progress, error, cancel } = useFile(onDone);
  const share = progress && (progress.all ? Math.min(1, progress.got / progress.all) : 0);
  return { take: (wanted: Wanted) => take((signal) => fetched(wanted, signal)), share, error, cancel };
}
