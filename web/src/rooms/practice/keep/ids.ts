import dayjs from 'dayjs';
import { v4 } from 'uuid';

/** An id no other take has; also where the page is not served over https and `randomUUID` is missing. */
export function newId(): string {
  return v4();
}

const LAST = 'pebble-last-time';
/** A clock that jumps back by more than this was wrong before: then it is believed again. */
const MOST_BACK_MS = 12 * 60 * 60 * 1000;

function lastTime(): number {
  try {
    return Number(localStorage.getItem(LAST)) || 0;
  } catch {
    return 0;
  }
}

/**
 * The student's time with its distance from UTC, so that the studio knows the student's own day. Where the clock has
 * jumped back, a moment after the last one that was given: what comes later stays later.
 */
export function localTime(now = Date.now()): string {
  const last = lastTime();
  const at = now <= last && last - now < MOST_BACK_MS ? last + 1 : now;
  try {
    localStorage.setItem(LAST, String(at));
  } catch {
    // Without storage the clock alone has to do.
  }
  return dayjs(at).format('YYYY-MM-DDTHH:mm:ss.SSSZ');
}
