const DAY_MS = 86_400_000;

/** Turns note names as documents write them into the signs a musician reads: Db becomes D♭. */
export function notes(text: string): string {
  return text.replace(/\b([A-G])(bb|b|##|#)(?=\d|\b|[^a-z]|$)/g, (_, letter: string, sign: string) => {
    const signs: Record<string, string> = { b: '♭', bb: '♭♭', '#': '♯', '##': '♯♯' };
    return letter + signs[sign];
  });
}

/** A degree as a musician reads it: b3 becomes ♭3. */
export function degreeSigns(text: string): string {
  return text.replace(/b(?=[b\d])/g, '♭').replace(/#(?=[#\d])/g, '♯');
}

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
  return new Date(`${iso}T12:00:00`).toLocaleDateString('en-GB', { day: 'numeric', month: 'short' });
}

/** Today, or some days later, as an ISO date of the local calendar. */
export function isoDay(daysFromNow = 0): string {
  const date = new Date();
  date.setDate(date.getDate() + daysFromNow);
  const two = (n: number) => String(n).padStart(2, '0');
  return `${date.getFullYear()}-${two(date.getMonth() + 1)}-${two(date.getDate())}`;
}

/** The ISO day that many days after another one; empty where that one is none. */
export function later(day: string, days: number): string {
  const date = new Date(`${day}T12:00:00Z`);
  date.setUTCDate(date.getUTCDate() + days);
  return Number.isNaN(date.getTime()) ? '' : date.toISOString().slice(0, 10);
}

/** How many days lie between two ISO days. */
export function daysBetween(from: string, to: string): number {
  return Math.round((Date.parse(to) - Date.parse(from)) / DAY_MS);
}

/** The printed sign of the value that gets the beat. */
export function beatSign(beat: string): string {
  const signs: Record<string, string> = { '1/4': '♩', '3/8': '♩.', '1/8': '♪', '1/2': 'half' };
  return signs[beat] ?? beat;
}
