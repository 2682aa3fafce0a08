import { useState } from 'react';

/** Whether something was true once, for as long as it is about the same: a control does not go while its answer is on its way. */
export function useStays(now: boolean, about: unknown): boolean {
  const [kept, setKept] = useState({ about, was: now });
  if (kept.about !== about) setKept({ about, was: now });
  else if (now && !kept.was) setKept({ about, was: true });
  return now || (kept.about === about && kept.was);
}
