/** An id no other take has; also where the page is not served over https and `randomUUID` is missing. */
export function newId(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(16));
  bytes[6] = (bytes[6]! & 0x0f) | 0x40;
  bytes[8] = (bytes[8]! & 0x3f) | 0x80;
  const hex = Array.from(bytes, (byte) => byte.toString(16).padStart(2, '0')).join('');
  return [hex.slice(0, 8), hex.slice(8, 12), hex.slice(12, 16), hex.slice(16, 20), hex.slice(20)].join('-');
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
  const date = new Date(at);
  const two = (n: number) => String(Math.floor(Math.abs(n))).padStart(2, '0');
  const offset = -date.getTimezoneOffset();
  const local = new Date(at + offset * 60_000).toISOString().slice(0, 23);
  return `${local}${offset < 0 ? '-' : '+'}${two(offset / 60)}:${two(offset % 60)}`;
}
