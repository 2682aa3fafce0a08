import { useEffect, useState } from 'react';

/** Longer than between the two presses of one that was meant once. */
export const HURRY_MS = 300;

/** Whether what is shown has only just come; a press now was meant for what stood there before. */
export function useFresh(what: string): boolean {
  const [settled, setSettled] = useState(what);
  useEffect(() => {
    if (settled === what) return;
    const timer = window.setTimeout(() => setSettled(what), HURRY_MS);
    return () => window.clearTimeout(timer);
  }, [what, settled]);
  return settled !== what;
}
