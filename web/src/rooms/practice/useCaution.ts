import { useState } from 'react';
import type { Caution, Today, TodayItem } from '../../api/types';
import { isoDay } from '../../ui/words';

const KEY = 'pebble-cautions';

function shownDays(): Record<string, string> {
  try {
    return JSON.parse(localStorage.getItem(KEY) ?? '{}') as Record<string, string>;
  } catch {
    return {};
  }
}

/** The caution for now, if there is one that was not seen today; the first of all is seen once. */
export function useCaution(today: Today, item: TodayItem, headphones: boolean) {
  const [shown, setShown] = useState(shownDays);
  const seconds = today.items.reduce((sum, one) => sum + one.secondsToday, 0);
  const matters = ({ moment }: Caution) => {
    if (moment === 'first_use') return shown[moment] === undefined;
    if (shown[moment] === isoDay()) return false;
    if (moment === 'long_session') return seconds >= today.longMinutes * 60;
    return moment === 'headphones' ? headphones : true;
  };
  const caution = [...today.cautions, ...item.here.cautions].find(matters);
  const dismiss = () => {
    if (!caution) return;
    const next = { ...shown, [caution.moment]: isoDay() };
    setShown(next);
    try {
      localStorage.setItem(KEY, JSON.stringify(next));
    } catch {
      // Without storage it is shown again with the next visit.
    }
  };
  return { caution, dismiss };
}
