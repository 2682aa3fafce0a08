/** Lets the browser keep the practice room itself, so that it opens without network; does without where it cannot. */
export function keepTheRoom() {
  if (!import.meta.env.PROD || !('serviceWorker' in navigator)) return;
  navigator.serviceWorker.register('/sw.js').catch(() => undefined);
}

/** Where the teacher's rooms are kept, by the build's own list of what they are made of. */
const ROOMS = 'rooms';
const LIST = '/rooms.json';

/** Keeps the Bench and the Shelf as well, once somebody has been there; what an older build was made of goes. */
export async function keepTheBench() {
  keepTheRoom();
  if (!import.meta.env.PROD || !('caches' in window)) return;
  try {
    const wanted = (await (await fetch(LIST)).json()) as string[];
    const cache = await caches.open(ROOMS);
    const there = (await cache.keys()).map((request) => new URL(request.url).pathname);
    await cache.addAll(wanted.filter((file) => !there.includes(file)));
    await Promise.all(there.filter((file) => !wanted.includes(file)).map((file) => cache.delete(file)));
  } catch {
    // Kept another time.
  }
}
