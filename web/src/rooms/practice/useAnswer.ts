import { useMemo, useRef, useState } from 'react';
import type { RungToPlay, Slipped, TakeRequest, TodayItem } from '../../api/types';
import { localTime, newId } from './keep/ids';
import { rungsOf, timesPlayed } from './runPlan';
import type { Ran } from './useItemRun';

type Outcome = TakeRequest['outcome'];

/** Where an item is between one run and the next. */
export type Phase = 'ready' | 'asking' | 'slipping' | 'logged' | 'tapped';

interface Said {
  outcome: Outcome;
  rung: RungToPlay;
  bpm: number;
  slipped?: Slipped;
  note?: string;
}

/** What slipped: kinds and notes, a word about it, and which times it was, counted from 1, where it was played more than once. */
export interface Slips {
  slipped: Slipped;
  note: string;
  times: number[];
}

/** How it went: what is asked after a run, what is answered, and the takes that come of it, one for each time through. */
export function useAnswer(item: TodayItem, onTakes: (takes: TakeRequest[]) => Promise<void>) {
  const [phase, setPhase] = useState<Phase>('ready');
  const [outcome, setOutcome] = useState<Outcome>('slips');
  const [touched, setTouched] = useState<number[]>([]);
  const [ran, setRan] = useState<Ran>();
  const writing = useRef(false);
  const times = useMemo(() => (ran ? timesPlayed(ran.laps, ran.finished) : []), [ran]);
  const rungs = useMemo(() => rungsOf(times), [times]);

  /** Shown as logged only when it is kept; what is pressed twice meanwhile is meant once. */
  const log = async (said: Said[]) => {
    if (writing.current) return;
    writing.current = true;
    await onTakes(
      said.map(({ rung, note = '', ...rest }) => ({
        ...rest,
        clientId: newId(),
        assignmentId: item.assignmentId,
        played: rung.played,
        note,
        takenAt: localTime(),
        seconds: Math.min(3600, Math.round((ran?.seconds ?? 0) / said.length)),
      })),
    ).finally(() => {
      writing.current = false;
    });
    setPhase('logged');
  };
  // What was played, also where the student stands elsewhere by now; a tempo of their own choice is not the rung's.
  const here = { rung: ran?.laps[0]?.rung ?? item.toPlay.here, bpm: ran?.bpm ?? item.toPlay.here.bpm };
  const clean = (rung: RungToPlay): Said => ({ outcome: 'clean', rung, bpm: rung.bpm });
  return {
    phase,
    outcome,
    touched,
    /** How many times it was played to its end. */
    times: times.length,
    /** The rungs that were played to their end. */
    rungs,
    /** Whether it went on over more than one rung. */
    rising: rungs.length > 1,
    /** Whether it was stopped before it was over. */
    stopped: ran !== undefined && ran.finished < ran.laps.length,
    begin: () => {
      setPhase('ready');
      setTouched([]);
    },
    /** What was played, and whether it is asked about or was tapped. */
    ended: (what: Ran, tapped: boolean) => {
      setRan(what);
      setPhase(tapped ? 'tapped' : 'asking');
    },
    tapped: () => setPhase('tapped'),
    drop: () => setPhase('ready'),
    askAgain: () => setPhase('asking'),
    say: (how: Outcome) => {
      if (how === 'clean') return log(times.map(() => ({ outcome: how, ...here })));
      setOutcome(how);
      setPhase('slipping');
      return Promise.resolve();
    },
    /** Clean on so many of the rungs, and slips on the next. */
    sayUpTo: (count: number) => {
      const reached = rungs.slice(0, count);
      const missed = rungs[count];
      const takes = times.filter((rung) => reached.includes(rung)).map(clean);
      return log(missed ? [...takes, { outcome: 'slips', rung: missed, bpm: missed.bpm }] : takes);
    },
    /** What slipped, where, and which times; the others were clean. */
    keep: ({ slipped, note, times: which }: Slips) => {
      const takes = times.map((_, i): Said => {
        if (!which.includes(i + 1)) return { outcome: 'clean', ...here };
        // A word is said once.
        const last = outcome === 'slips' && i + 1 === Math.max(...which);
        return { outcome: 'slips', ...here, slipped, note: last ? note : '' };
      });
      return log(outcome === 'stopped' ? [...takes, { outcome, ...here, slipped, note }] : takes);
    },
    touch: (index: number) =>
      setTouched((now) => (now.includes(index) ? now.filter((one) => one !== index) : [...now, index])),
  };
}

export type Answer = ReturnType<typeof useAnswer>;
