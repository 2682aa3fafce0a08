import dayjs from 'dayjs';

const ISO_DAY = 'YYYY-MM-DD';

/** A number as read: at most one decimal, none where it is whole. */
export function short(value: number): string {
  return Number.isInteger(value) ? String(value) : value.toFixed(1);
}

/** How long ago, in words. */
export function ago(days: number): string {
  if (days === 0) return 'today';
  return days === 1 ? 'yesterday' : `${days} days ago`;
}

/** A date as read, from its ISO form. */
export function dayOf(iso: string): string {
  return dayjs(iso).format('D MMM');
}

/** A date as a column is headed: Tue 24. */
export function weekdayOf(iso: string): string {
  return dayjs(iso).format('ddd D');
}

/** Today, or some days later, as an ISO date of the local calendar. */
export function isoDay(daysFromNow = 0): string {
  return dayjs().add(daysFromNow, 'day').format(ISO_DAY);
}

/** The ISO day that many days after another one; empty where that one is none. */
export function later(day: string, days: number): string {
  const date = dayjs(day).add(days, 'day');
  return day && date.isValid() ? date.format(ISO_DAY) : '';
}

/** How many days lie between two ISO days. */
export function daysBetween(from: string, to: string): number {
  return dayjs(to).diff(dayjs(from), 'day');
}

/** A moment of the API: 29 November, 03:30. */
export function momentSaid(moment: string): string {
  return dayjs(moment).format('D MMMM, HH:mm');
}

/** A day of the week and of the month: Sunday 29 November. */
export function longDay(): string {
  return dayjs().format('dddd D MMMM');
}

/** The first letter of a day of the week, from its ISO form. */
export function dayLetter(iso: string): string {
  return dayjs(iso).format('dd').slice(0, 1);
}

/** The days of a week, Monday first. */
export const WEEKDAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'];

/** The day of the week today, from 1 for Monday. */
export function weekdayToday(): number {
  return dayjs().day() || 7;
}
