import { useEffect, useRef, useState } from 'react';

/** How far a file has come: its bytes so far, and all of them where that is known. */
export interface FileProgress {
  got: number;
  all?: number;
}

const NAMED = /filename\*=UTF-8''([^;]+)/;
const PLAIN = /filename="?([^";]+)"?/;

/** What a file is called that the studio answers with. */
export function nameOf(response: Response): string {
  const said = response.headers.get('Content-Disposition') ?? '';
  const named = NAMED.exec(said)?.[1];
  return named ? decodeURIComponent(named) : (PLAIN.exec(said)?.[1] ?? 'file');
}

function save(name: string, parts: BlobPart[], type: string) {
  const url = URL.createObjectURL(new Blob(parts, { type }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  window.setTimeout(() => URL.revokeObjectURL(url), 60_000);
}

/** Fetching a file: how far it is, how large it was, and how to stop it. One at a time. */
export function useFile(onDone?: () => void) {
  const [progress, setProgress] = useState<FileProgress>();
  const [error, setError] = useState<Error>();
  const [saved, setSaved] = useState<number>();
  const running = useRef<AbortController | undefined>(undefined);
  useEffect(() => () => running.current?.abort(), []);
  const take = async (fetched: (signal: AbortSignal) => Promise<Response>) => {
    if (running.current) return;
    const control = new AbortController();
    running.current = control;
    setError(undefined);
    setSaved(undefined);
    setProgress({ got: 0 });
    try {
      const response = await fetched(control.signal);
      const all = Number(response.headers.get('Content-Length')) || undefined;
      const parts: BlobPart[] = [];
      let got = 0;
      for (const reader = response.body!.getReader(); ;) {
        const { done, value } = await reader.read();
        if (done) break;
        parts.push(value as BlobPart);
        got += value.length;
        setProgress({ got, all });
      }
      save(nameOf(response), parts, response.headers.get('Content-Type') ?? 'application/octet-stream');
      setSaved(got);
      onDone?.();
    } catch (failed) {
      if (!control.signal.aborted) setError(failed as Error);
    } finally {
      running.current = undefined;
      setProgress(undefined);
    }
  };
  return { take, progress, saved, error, cancel: () => running.current?.abort() };
}
