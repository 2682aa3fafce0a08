import { useEffect, useState } from 'react';
import { isoDay } from './words';

const LOOK_MS = 20_000;

/** The day it is, also when it becomes another while the page is open. */
export function useDay(): string {
  const [day, setDay] = useState(() => isoDay());
  useEffect(() => {
    const look = () => setDay(isoDay());
    const timer = window.setInterval(look, LOOK_MS);
    document.addEventListener('visibilitychange', look);
    return () => {
      window.clearInterval(timer);
      document.removeEventListener('visibilitychange', look);
    };
  }, []);
  return day;
}
