import { useEffect, useState } from 'react';
import type { Caution, Today, TodayItem } from '../../api/types';
import { isoDay } from '../../ui/words';

const KEY = 'pebble-cautions';

/** The day on which each caution was last shown, by its moment. */
function shownDays(): Record<string, string> {
  try {
    return JSON.parse(localStorage.getItem(KEY) ?? '{}') as Record<string, string>;
  } catch {
    return {};
  }
}

function writeShown(moment: string) {
  try {
    localStorage.setItem(KEY, JSON.stringify({ ...shownDays(), [moment]: isoDay() }));
  } catch {
    // Without storage it is shown again with the next visit.
  }
}

/**
 * The caution for now, if there is one that was not shown today; the first of all is shown once. It stays until it is put
 * away or the item is left, and does not come back that day.
 */
export function useCaution(today: Today, item: TodayItem, headphones: boolean) {
  const [before] = useState(shownDays);
  const [away, setAway] = useState<string[]>([]);
  const seconds = today.items.reduce((sum, one) => sum + one.day.seconds, 0);
  const matters = ({ moment }: Caution) => {
    if (away.includes(moment)) return false;
    if (moment === 'first-use') return before[moment] === undefined;
    if (before[moment] === isoDay()) return false;
    if (moment === 'long-session') return seconds >= today.longMinutes * 60;
    return moment === 'headphones' ? headphones : true;
  };
  const caution = [...today.cautions, ...item.toPlay.here.cautions].find(matters);
  const moment = caution?.moment;
  useEffect(() => {
    if (moment !== undefined) writeShown(moment);
  }, [moment]);
  return { caution, dismiss: () => moment !== undefined && setAway((now) => [...now, moment]) };
}
