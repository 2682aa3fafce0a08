import dayjs from 'dayjs';
import { later } from '../../../ui/words';

/** A day of the sheet: its letters over a column, and the day in words. */
export interface SheetDay {
  day: string;
  short: string;
  long: string;
}

const WEEK = 7;

/** Seven days from a day on. */
export function daysFrom(day: string): SheetDay[] {
  return Array.from({ length: WEEK }, (_, i) => {
    const one = dayjs(later(day, i));
    return { day: later(day, i), short: one.format('dd'), long: one.format('D MMMM') };
  });
}
