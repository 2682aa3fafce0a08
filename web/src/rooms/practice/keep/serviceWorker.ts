/** Lets the browser keep the practice room itself, so that it opens without network; does without where it cannot. */
export function keepTheRoom() {
  if (!import.meta.env.PROD || !('serviceWorker' in navigator)) return;
  navigator.serviceWorker.register('/sw.js').catch(() => undefined);
}
