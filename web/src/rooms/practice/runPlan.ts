import type { Ahead, LapsView, RungToPlay } from '../../api/types';
import type { SoundWish } from './useSound';

/** One lap of a run: the rung it is played on, and who plays. */
export interface RunLap {
  rung: RungToPlay;
  voice: boolean;
  student: boolean;
}

const MOST_RUNGS = 10;

/** What is played: taps are held against one time through, and a tempo of the student's own choice is stayed at. */
export function wishOf(wish: SoundWish, tapping: boolean, ownTempo: boolean): SoundWish {
  if (tapping) return { ...wish, times: 1, every: 0, voice: 'without' };
  return ownTempo ? { ...wish, every: 0 } : wish;
}

/** Whether it takes more than once through the line, of which the week knows how. */
export function needsWeek(wish: SoundWish): boolean {
  return wish.times > 1 || wish.voice === 'every-second';
}

/** The rungs that a run can rise over, from one on. */
function chain(here: RungToPlay, ahead: Ahead | undefined): RungToPlay[] {
  const rungs = [here];
  while (rungs.length < MOST_RUNGS) {
    const { next } = rungs.at(-1)!;
    const rung = next === undefined ? undefined : ahead?.rungs.find((one) => one.at === next);
    if (!rung) break;
    rungs.push(rung);
  }
  return rungs;
}

/** The laps of a run as the student wants it, by the shapes that the studio gave; without them once through. */
export function lapsOf(
  here: RungToPlay,
  ahead: Ahead | undefined,
  shapes: LapsView[] | undefined,
  wish: SoundWish,
): RunLap[] {
  const every = wish.times > 1 ? wish.every : 0;
  const shape = shapes?.find((one) => one.voice === wish.voice && one.every === every);
  if (!shape) return [{ rung: here, voice: wish.voice === 'with', student: true }];
  const rungs = chain(here, ahead);
  const laps: RunLap[] = [];
  let own = 0;
  for (const lap of shape.laps) {
    if (own === wish.times) break;
    if (lap.student) own += 1;
    const rung = rungs[Math.min(lap.rung, rungs.length - 1)]!;
    laps.push({ rung, voice: lap.voice, student: lap.student });
  }
  return laps;
}

/** The rungs of a run that the student has played to their end, one for each time and in order. */
export function timesPlayed(laps: RunLap[], finished: number): RungToPlay[] {
  return laps
    .slice(0, finished)
    .filter((lap) => lap.student)
    .map((lap) => lap.rung);
}

/** The same, each rung once. */
export function rungsOf(times: RungToPlay[]): RungToPlay[] {
  return times.filter((rung, i) => rung.at !== times[i - 1]?.at);
}
