import type { Ahead, LapsView, RungToPlay } from '../../api/types';
import type { SoundWish } from './useSound';

/** One lap of a run: the rung it is played on, and who plays. */
export interface RunLap {
  rung: RungToPlay;
  voice: boolean;
  student: boolean;
}

const MOST_RUNGS = 10;

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

/** The rungs of laps that the student has played to their end, each once and in order. */
export function rungsPlayed(laps: RunLap[], finished: number): RungToPlay[] {
  const rungs: RungToPlay[] = [];
  for (const lap of laps.slice(0, finished)) {
    if (lap.student && rungs.at(-1)?.at !== lap.rung.at) rungs.push(lap.rung);
  }
  return rungs;
}
