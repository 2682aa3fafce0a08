import { useEffect, useState } from 'react';
import type { Moment, Today, TodayItem } from '../../api/types';
import { tried } from '../../core/answers';
import { useCore } from '../../core/useCore';
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

/** The caution for now, if there is one. It stays until it is put away or the item is left, and does not come back that day. */
export function useCaution(today: Today, item: TodayItem, headphones: boolean) {
  const core = useCore();
  const [shown] = useState(shownDays);
  const [away, setAway] = useState<Moment[]>([]);
  const asked = {
    cautions: [...today.cautions, ...item.toPlay.here.cautions],
    day: today.day,
    seconds: today.items.reduce((sum, one) => sum + one.day.seconds, 0),
    headphones,
    shown,
    away,
  };
  const caution = core === 'ready' ? tried('caution', asked).answer?.caution : undefined;
  const moment = caution?.moment;
  useEffect(() => {
    if (moment !== undefined) writeShown(moment);
  }, [moment]);
  return { caution, dismiss: () => moment !== undefined && setAway((now) => [...now, moment]) };
}
