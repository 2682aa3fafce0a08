import { useEffect, useState } from 'react';
import type { Today } from '../../api/types';
import { later } from '../../core/later';
import type { Kept } from './useRoom';

/** The list of a day, worked out on this device; the one before stays while the next is worked out. */
export function useList(kept: Kept | undefined, day: string): Today | undefined {
  const [list, setList] = useState<Today>();
  useEffect(() => {
    if (!kept) return;
    const left = new AbortController();
    later('today', { room: kept.room, taken: kept.taken, day }, left.signal).then(
      setList,
      (error: unknown) => {
        if (!left.signal.aborted) console.error('The list could not be worked out.', error);
      },
    );
    return () => left.abort();
  }, [kept, day]);
  return list;
}
