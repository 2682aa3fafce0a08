/** A small seeded generator, so that the same thing always has the same stone. */
function seeded(seed: string): () => number {
  let state = 2166136261;
  for (const char of seed) state = Math.imul(state ^ char.charCodeAt(0), 16777619);
  return () => {
    state = Math.imul(state ^ (state >>> 15), 2246822507);
    state = Math.imul(state ^ (state >>> 13), 3266489909);
    state ^= state >>> 16;
    return (state >>> 0) / 4294967296;
  };
}

const POINTS = 9;

const drawn = new Map<string, string>();
const MOST_DRAWN = 4000;

/** The outline of a worn stone around the origin: smooth, slightly irregular, `width` by `height`. */
export function stonePath(seed: string, width: number, height: number, scale = 1): string {
  const key = `${seed} ${width.toFixed(1)} ${height.toFixed(1)} ${scale}`;
  const known = drawn.get(key);
  if (known !== undefined) return known;
  const outline = outlineOf(seed, width, height, scale);
  if (drawn.size >= MOST_DRAWN) drawn.clear();
  drawn.set(key, outline);
  return outline;
}

function outlineOf(seed: string, width: number, height: number, scale: number): string {
  const random = seeded(seed);
  const tilt = (random() - 0.5) * 0.22;
  const points = Array.from({ length: POINTS }, (_, i) => {
    const angle = (i / POINTS) * 2 * Math.PI + (random() - 0.5) * 0.28;
    const radius = (0.93 + random() * 0.14) * scale;
    const x = Math.cos(angle) * radius * (width / 2);
    const y = Math.sin(angle) * radius * (height / 2);
    return [x * Math.cos(tilt) - y * Math.sin(tilt), x * Math.sin(tilt) + y * Math.cos(tilt)] as const;
  });
  const at = (i: number) => points[(i + POINTS) % POINTS]!;
  const n = (value: number) => value.toFixed(2);
  const curves = points.map((_, i) => {
    const [before, from, to, after] = [at(i - 1), at(i), at(i + 1), at(i + 2)];
    const c1 = [from[0] + (to[0] - before[0]) / 6, from[1] + (to[1] - before[1]) / 6];
    const c2 = [to[0] - (after[0] - from[0]) / 6, to[1] - (after[1] - from[1]) / 6];
    return `C${n(c1[0]!)} ${n(c1[1]!)} ${n(c2[0]!)} ${n(c2[1]!)} ${n(to[0])} ${n(to[1])}`;
  });
  return `M${n(at(0)[0])} ${n(at(0)[1])}${curves.join('')}Z`;
}
