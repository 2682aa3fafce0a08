const NAME = 'pebble-window';
const LOCK = 'pebble-window ';

let named: Promise<string> | undefined;

/** Holds a name for as long as this window is open; whether nobody else holds it. */
function holds(name: string): Promise<boolean> {
  return new Promise((done) => {
    void navigator.locks.request(LOCK + name, { ifAvailable: true }, (lock) => {
      done(lock !== null);
      // Let go of when the window closes.
      return lock && new Promise(() => undefined);
    });
  });
}

async function name(): Promise<string> {
  const before = sessionStorage.getItem(NAME);
  const fresh = Math.random().toString(36).slice(2);
  if (!navigator.locks) return before ?? fresh;
  // A window that was made as a copy of another has its name as well: then it takes one of its own.
  const own = before && (await holds(before)) ? before : fresh;
  if (own === fresh) await holds(fresh);
  sessionStorage.setItem(NAME, own);
  return own;
}

/** A name of this window that stays when it is loaded again. */
export function thisWindow(): Promise<string> {
  named ??= name().catch(() => 'only');
  return named;
}

/** The names of the other windows that are open. */
export async function otherWindows(): Promise<string[]> {
  const own = await thisWindow();
  if (!navigator.locks) return [];
  const { held } = await navigator.locks.query();
  return (held ?? [])
    .map((lock) => lock.name ?? '')
    .filter((lock) => lock.startsWith(LOCK))
    .map((lock) => lock.slice(LOCK.length))
    .filter((one) => one !== own);
}
