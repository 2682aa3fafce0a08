import { useCallback, useEffect, useRef, useState } from 'react';
import { Problem } from '../../../api/client';
import type { TakeForm } from '../../../api/types';
import { type Entry, store } from './store';

const FIRST_WAIT_MS = 2_000;
const LONGEST_WAIT_MS = 60_000;
const LOCK = 'pebble-outbox';
const NOT_FINAL = [401, 408, 425, 429];

/** Takes that an older version kept elsewhere are taken over once. */
async function takeOver(token: string) {
  const key = `pebble-takes ${token}`;
  try {
    const old = JSON.parse(localStorage.getItem(key) ?? '[]') as TakeForm[];
    for (const form of old) await (await store()).add({ token, kind: 'take', form });
    localStorage.removeItem(key);
  } catch {
    // Nothing that can be read: nothing to take over.
  }
}

/** One window at a time sends, so that the order is kept; where browsers cannot agree, the studio stores each once anyway. */
async function alone(send: () => Promise<void>) {
  if (navigator.locks) await navigator.locks.request(LOCK, send);
  else await send();
}

function isFinal(error: unknown): boolean {
  return (
    error instanceof Problem && error.status >= 400 && error.status < 500 && !NOT_FINAL.includes(error.status)
  );
}

/**
 * Takes and lines on their way to the studio. Each is written down in this browser first and crossed out when it has
 * arrived; what cannot be sent now is sent later, in order. The studio stores each once, so sending twice does no harm.
 */
export function useOutbox(token: string, send: (entry: Entry) => Promise<unknown>) {
  const [waiting, setWaiting] = useState<Entry[]>([]);
  const [refused, setRefused] = useState<unknown>();
  const [lasting, setLasting] = useState(true);
  const busy = useRef(false);
  const again = useRef(false);
  const wait = useRef(FIRST_WAIT_MS);
  const timer = useRef(0);

  const look = useCallback(async () => {
    const kept = await store();
    const entries = await kept.list(token);
    setWaiting(entries);
    setLasting(kept.lasting);
    return entries;
  }, [token]);

  const flush = useCallback(async () => {
    if (busy.current) {
      again.current = true;
      return;
    }
    busy.current = true;
    window.clearTimeout(timer.current);
    try {
      await alone(async () => {
        for (let entry = (await look())[0]; entry; entry = (await look())[0]) {
          try {
            await send(entry);
            setRefused(undefined);
          } catch (error) {
            if (!isFinal(error)) throw error;
            setRefused(error);
          }
          await (await store()).remove(entry.seq!);
        }
      });
      wait.current = FIRST_WAIT_MS;
    } catch {
      timer.current = window.setTimeout(() => void flush(), wait.current);
      wait.current = Math.min(LONGEST_WAIT_MS, wait.current * 2);
    } finally {
      busy.current = false;
      if (again.current) {
        again.current = false;
        void flush();
      }
    }
  }, [look, send]);

  /** Comes back when the entries are kept here, and sends them on from there. */
  const add = useCallback(
    async (entries: Omit<Entry, 'token'>[]) => {
      const kept = await store();
      for (const entry of entries) await kept.add({ ...entry, token } as Entry);
      await look();
      void flush();
    },
    [token, look, flush],
  );

  useEffect(() => {
    void takeOver(token).then(flush);
    const now = () => {
      wait.current = FIRST_WAIT_MS;
      void flush();
    };
    const seen = () => document.visibilityState === 'visible' && now();
    window.addEventListener('online', now);
    document.addEventListener('visibilitychange', seen);
    return () => {
      window.removeEventListener('online', now);
      document.removeEventListener('visibilitychange', seen);
      window.clearTimeout(timer.current);
    };
  }, [token, flush]);
  return { add, waiting, refused, lasting };
}
