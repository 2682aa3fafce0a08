import { useRef, useState } from 'react';
import type { RunLap } from '../../api/types';
import { answer } from '../../core/answers';
import { barsOf, droneOf } from '../../sound/bars';
import { mixOf, partsOf } from '../../sound/mix';
import { useRun } from '../../sound/useRun';
import type { SoundWish } from './useSound';
import type { OnStand } from './useStand';
import { useWakeLock } from './useWakeLock';

/** What was played last: its laps, how many of them to the end, and for how long. */
export interface Ended {
  laps: RunLap[];
  finished: number;
  seconds: number;
  bpm: number;
  /** Milliseconds from the first note, where it was tapped along. */
  taps: number[];
}

interface Wanted {
  stand: OnStand;
  tapping: boolean;
  wish: SoundWish;
}

/** Playing one item of the list: the laps of a run, and the sound. */
export function useItemRun({ stand, tapping, wish }: Wanted, onEnd: (ended: Ended) => void) {
  const { asked, passage, at, bpm, own, asks, part } = stand;
  const [laps, setLaps] = useState<RunLap[]>([]);
  const taps = useRef<number[]>([]);
  const player = useRun((end) => {
    onEnd({ laps, finished: end.laps, seconds: end.seconds, bpm, taps: taps.current });
  });
  useWakeLock(player.playing);
  const canStart = passage !== undefined;

  const start = async () => {
    if (!passage || !asked || player.playing) return;
    const { times, every, voice } = wish;
    const run = answer('run', { ...asked, at, bpm: own, times, every, voice, tapping }).laps;
    const plans = new Map(
      run.map((lap) => [lap.at, barsOf(answer('rung', { ...asked, at: lap.at, bpm: own, part }))]),
    );
    taps.current = [];
    setLaps(run);
    await player.start({
      laps: run.map((lap) => ({ plan: plans.get(lap.at)!, voice: lap.voice, sounding: lap.sounding })),
      drone: droneOf(passage.clicks!.drone, wish.drone ?? asks.drone),
      mix: mixOf(partsOf(passage), wish.levels),
      latencyMs: wish.latencyMs,
    });
  };
  /** Takes down a tap of that time of the page's clock. */
  const tap = (time: number) => {
    const since = player.sinceFirstNote(time);
    if (player.playing && since !== undefined) taps.current.push(since);
  };
  const lap = player.playing ? laps[player.lap] : undefined;
  return { player, laps, lap, canStart, start, tap };
}

export type ItemRun = ReturnType<typeof useItemRun>;
