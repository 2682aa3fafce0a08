import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { Problem, sentenceOf } from '../../../api/client';
import type { TakeRequest } from '../../../api/types';
import { type Entry, store } from '../../../keep/store';

/** The studio cannot keep anything now: its disk is full, or its records cannot be reached. */
const NO_ROOM = 503;
const FIRST_WAIT_MS = 2_000;
const LONGEST_WAIT_MS = 60_000;
const LOCK = 'pebble-outbox';
const NOT_FINAL = [401, 408, 425, 429];

/** Takes that an older version kept elsewhere are taken over once. */
async function takeOver(token: string) {
  const key = `pebble-takes ${token}`;
  try {
    const old = JSON.parse(localStorage.getItem(key) ?? '[]') as TakeRequest[];
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

/** What has not reached the studio, and what can be done about it. */
export interface Outbox {
  /** On its way, in order. */
  waiting: Entry[];
  /** Not accepted by the studio; kept here all the same. */
  refused: Entry[];
  /** Why the studio, which was reached, cannot keep it now. */
  held?: string;
  /** Whether it outlives the page. */
  lasting: boolean;
  /** Comes back when the entries are kept here, and sends them on from there. */
  add(entries: NewEntry[]): Promise<void>;
  /** Sends once more what was not accepted. */
  tryAgain(): Promise<void>;
  /** Crosses out what was not accepted; comes back with how to undo that. */
  leaveOut(): Promise<() => Promise<void>>;
}

export type NewEntry = Pick<Entry, 'kind' | 'form'>;

/**
 * Takes and lines on their way to the studio. Each is written down in this browser first and crossed out when it has
 * arrived; what cannot be sent now is sent later, in order. The studio stores each once, so sending twice does no harm.
 * What was made by a link that has been replaced goes with the new one, and what is refused stays here: nothing is lost.
 */
export function useOutbox(
  token: string,
  room: string | undefined,
  send: (entry: Entry) => Promise<unknown>,
): Outbox {
  const [entries, setEntries] = useState<Entry[]>([]);
  const [lasting, setLasting] = useState(true);
  const [held, setHeld] = useState<string>();
  const busy = useRef(false);
  const again = useRef(false);
  const wait = useRef(FIRST_WAIT_MS);
  const timer = useRef(0);
  // What is sent later is sent for the room that is known by then, not for the one of the moment when it was put off.
  const latest = useRef<() => void>(() => undefined);

  const look = useCallback(async () => {
    const kept = await store();
    const found = await kept.list(token, room);
    setEntries(found);
    setLasting(kept.lasting);
    return found;
  }, [token, room]);

  const next = useCallback(async () => (await look()).find((entry) => entry.refused === undefined), [look]);

  const flush = useCallback(async () => {
    if (busy.current) {
      again.current = true;
      return;
    }
    busy.current = true;
    window.clearTimeout(timer.current);
    try {
      await alone(async () => {
        for (let entry = await next(); entry; entry = await next()) {
          try {
            await send(entry);
            await (await store()).remove(entry.seq!);
          } catch (error) {
            if (!isFinal(error)) throw error;
            await (await store()).change({ ...entry, refused: sentenceOf(error) });
          }
        }
      });
      wait.current = FIRST_WAIT_MS;
      setHeld(undefined);
    } catch (error) {
      setHeld(error instanceof Problem && error.status === NO_ROOM ? sentenceOf(error) : undefined);
      timer.current = window.setTimeout(() => latest.current(), wait.current);
      wait.current = Math.min(LONGEST_WAIT_MS, wait.current * 2);
    } finally {
      busy.current = false;
      if (again.current) {
        again.current = false;
        latest.current();
      }
    }
  }, [next, send]);

  const keep = useCallback(
    async (forms: Entry[]) => {
      const kept = await store();
      for (const entry of forms) await kept.add(entry);
      await look();
    },
    [look],
  );
  const add = useCallback(
    async (forms: NewEntry[]) => {
      await keep(forms.map((entry) => ({ ...entry, token, room }) as Entry));
      void flush();
    },
    [token, room, keep, flush],
  );
  const tryAgain = useCallback(async () => {
    const kept = await store();
    for (const { refused, ...entry } of await kept.list(token, room))
      if (refused !== undefined) await kept.change(entry as Entry);
    await flush();
  }, [token, room, flush]);
  const leaveOut = useCallback(async () => {
    const kept = await store();
    const left = (await kept.list(token, room)).filter((entry) => entry.refused !== undefined);
    for (const entry of left) await kept.remove(entry.seq!);
    await look();
    return () => keep(left);
  }, [token, room, keep, look]);

  useEffect(() => {
    latest.current = () => void flush();
  }, [flush]);

  useEffect(() => {
    // What was refused when the page was last open may be accepted by now.
    void takeOver(token).then(tryAgain);
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
  }, [token, flush, tryAgain]);

  const waiting = useMemo(() => entries.filter((entry) => entry.refused === undefined), [entries]);
  const refused = useMemo(() => entries.filter((entry) => entry.refused !== undefined), [entries]);
  return { add, waiting, refused, held, lasting, tryAgain, leaveOut };
}
