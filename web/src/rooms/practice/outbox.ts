import { useCallback, useEffect, useRef, useState } from 'react';
import { Problem } from '../../api/client';
import type { TakeForm } from '../../api/types';

const FIRST_WAIT_MS = 2_000;
const LONGEST_WAIT_MS = 60_000;

function read(key: string): TakeForm[] {
  try {
    return JSON.parse(localStorage.getItem(key) ?? '[]') as TakeForm[];
  } catch {
    return [];
  }
}

/** An id no other take has; also where the page is not served over https and `randomUUID` is missing. */
export function takeId(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(16));
  bytes[6] = (bytes[6]! & 0x0f) | 0x40;
  bytes[8] = (bytes[8]! & 0x3f) | 0x80;
  const hex = Array.from(bytes, (byte) => byte.toString(16).padStart(2, '0')).join('');
  return [hex.slice(0, 8), hex.slice(8, 12), hex.slice(12, 16), hex.slice(16, 20), hex.slice(20)].join('-');
}

/** The student's time with its distance from UTC, so that the studio knows the student's own day. */
export function localTime(now = new Date()): string {
  const two = (n: number) => String(Math.floor(Math.abs(n))).padStart(2, '0');
  const offset = -now.getTimezoneOffset();
  const local = new Date(now.getTime() + offset * 60_000).toISOString().slice(0, 23);
  return `${local}${offset < 0 ? '-' : '+'}${two(offset / 60)}:${two(offset % 60)}`;
}

/**
 * Takes on their way to the studio. Each is written down here first and crossed out when it has arrived; what cannot be
 * sent now is sent later, in order. The studio stores each once, so sending twice does no harm.
 */
export function useOutbox(token: string, send: (take: TakeForm) => Promise<unknown>) {
  const key = `pebble-takes ${token}`;
  const [waiting, setWaiting] = useState(() => read(key).length);
  const [refused, setRefused] = useState<unknown>();
  const busy = useRef(false);
  const wait = useRef(FIRST_WAIT_MS);
  const timer = useRef(0);

  const flush = useCallback(async () => {
    if (busy.current) return;
    busy.current = true;
    window.clearTimeout(timer.current);
    try {
      for (let take = read(key)[0]; take; take = read(key)[0]) {
        const { clientId } = take;
        try {
          await send(take);
          setRefused(undefined);
        } catch (error) {
          const final =
            error instanceof Problem && error.status >= 400 && error.status < 500 && error.status !== 401;
          if (!final) throw error;
          setRefused(error);
        }
        localStorage.setItem(key, JSON.stringify(read(key).filter((one) => one.clientId !== clientId)));
        setWaiting(read(key).length);
      }
      wait.current = FIRST_WAIT_MS;
    } catch {
      timer.current = window.setTimeout(() => void flush(), wait.current);
      wait.current = Math.min(LONGEST_WAIT_MS, wait.current * 2);
    } finally {
      busy.current = false;
    }
  }, [key, send]);

  const add = useCallback(
    (take: TakeForm) => {
      localStorage.setItem(key, JSON.stringify([...read(key), take]));
      setWaiting(read(key).length);
      return flush();
    },
    [key, flush],
  );

  useEffect(() => {
    void flush();
    const online = () => void flush();
    window.addEventListener('online', online);
    return () => {
      window.removeEventListener('online', online);
      window.clearTimeout(timer.current);
    };
  }, [flush]);
  return { add, waiting, refused };
}
