import { useEffect } from 'react';

/** Keeps the screen awake while something runs, where the browser can. */
export function useWakeLock(active: boolean) {
  useEffect(() => {
    if (!active || !navigator.wakeLock) return;
    let lock: WakeLockSentinel | undefined;
    let left = false;
    const ask = () =>
      navigator.wakeLock.request('screen').then(
        (given) => {
          if (left) void given.release();
          else lock = given;
        },
        () => undefined,
      );
    // The browser lets go of it when the page is hidden.
    const seen = () => document.visibilityState === 'visible' && void ask();
    void ask();
    document.addEventListener('visibilitychange', seen);
    return () => {
      left = true;
      document.removeEventListener('visibilitychange', seen);
      void lock?.release();
    };
  }, [active]);
}
