/** Which of many are drawn where there is room for so many: the first, the last, the one that matters, and even steps. */
export function shown(count: number, most: number, always: number): number[] {
  if (count <= most) return Array.from({ length: count }, (_, i) => i);
  const step = (count - 1) / (most - 1);
  const even = Array.from({ length: most }, (_, i) => Math.round(i * step));
  if (even.includes(always)) return even;
  // The nearest of the even steps gives way to the one that matters.
  const near = even.reduce((best, one, i) => {
    const free = i > 0 && i < even.length - 1;
    return free && Math.abs(one - always) < Math.abs(even[best]! - always) ? i : best;
  }, 1);
  return even.map((one, i) => (i === near ? always : one));
}
