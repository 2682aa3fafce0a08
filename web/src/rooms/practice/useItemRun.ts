import { useRef, useState } from 'react';
import type { TodayItem } from '../../api/types';
import { barsOf, droneOf } from '../../sound/bars';
import { useRun } from '../../sound/useRun';
import type { KeptWeek } from './foreseen';
import { lapsOf, needsWeek, wishOf, type RunLap } from './runPlan';
import { usePassage, usePassages } from './usePractice';
import type { SoundWish } from './useSound';
import { useWakeLock } from './useWakeLock';

/** What was played last: its laps, how many of them to the end, for how long, and at which tempo. */
export interface Ran {
  laps: RunLap[];
  finished: number;
  seconds: number;
  bpm: number;
  /** Milliseconds from the first note, where it was tapped along. */
  taps: number[];
}

interface Wanted {
  token: string;
  item: TodayItem;
  week?: KeptWeek;
  /** Whether the week is on its way. */
  weekComing: boolean;
  /** A tempo of the student's own choice. */
  chosen?: number;
  tapping: boolean;
  wish: SoundWish;
}

/** Playing one item of the list: its passage, the laps of a run, and the sound. */
export function useItemRun(wanted: Wanted, onEnd: (ran: Ran) => void) {
  const { token, item, week, weekComing, chosen, tapping, wish } = wanted;
  const { assignmentId, edition } = item;
  const { here } = item.toPlay;
  const bpm = chosen ?? here.bpm;
  const asked = { assignmentId, edition, at: here.at, bpm: bpm === here.bpm ? undefined : bpm };
  const passage = usePassage(token, asked);
  const passagesOf = usePassages(token);
  const [laps, setLaps] = useState<RunLap[]>([]);
  const taps = useRef<number[]>([]);
  const player = useRun((end) => {
    onEnd({ laps, finished: end.laps, seconds: end.seconds, bpm, taps: taps.current });
  });
  useWakeLock(player.playing);
  const ready = passage.data && !passage.isPlaceholderData ? passage.data : undefined;
  const asks = {
    drone: ready?.clicks?.drone.asked ?? ('off' as const),
    foot: ready?.clicks?.foot.asked ?? false,
  };
  const played = wishOf(wish, tapping, chosen !== undefined);
  const canStart = ready !== undefined && !(weekComing && needsWeek(played));

  const start = async () => {
    if (!ready || !canStart || player.playing) return;
    const ahead = week?.ahead.find((one) => one.assignmentId === assignmentId);
    const planned = lapsOf(here, ahead, week?.runs, played);
    taps.current = [];
    const rungs = [...new Map(planned.map((one) => [one.rung.at, one.rung])).values()];
    const found = await passagesOf(
      rungs.map((rung) => ({ ...asked, at: rung.at, bpm: rung.at === here.at ? asked.bpm : undefined })),
    ).catch(() => [ready]);
    const plans = new Map(found.map((one, i) => [rungs[i]!.at, barsOf(one)]));
    const sure = planned.filter((one) => plans.has(one.rung.at));
    setLaps(sure);
    await player.start({
      laps: sure.map((one) => ({ plan: plans.get(one.rung.at)!, voice: one.voice })),
      drone: droneOf(ready.clicks!.drone, wish.drone ?? asks.drone),
      latencyMs: wish.latencyMs,
    });
  };
  /** Takes down a tap of that time of the page's clock. */
  const tap = (at: number) => {
    const since = player.sinceFirstNote(at);
    if (player.playing && since !== undefined) taps.current.push(since);
  };
  const lap = player.playing ? laps[player.lap] : undefined;
  return { bpm, passage, asks, player, laps, lap, canStart, start, tap };
}

export type ItemRun = ReturnType<typeof useItemRun>;
