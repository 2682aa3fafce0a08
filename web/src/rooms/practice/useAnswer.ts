import { useMemo, useRef, useState } from 'react';
import type { Said, Slipped, TakeRequest, TodayItem } from '../../api/types';
import { answer } from '../../core/answers';
import { sameTouch, type Touch } from '../../notation/touch';
import { localTime, newId } from './keep/ids';
import type { Ended } from './useItemRun';
import { usePiece } from './useRoom';

type Outcome = TakeRequest['outcome'];

/** Where an item is between one run and the next. */
export type Phase = 'ready' | 'asking' | 'slipping' | 'logged' | 'tapped';

/** What slipped: kinds and notes, a word about it, and which times it was, counted from 1, where it was played more than once. */
export interface Slips {
  slipped: Slipped;
  note: string;
  times: number[];
}

const NOTHING = { times: 0, rungs: [], rising: false, stopped: false };

/** How it went: what is asked after a run, what is answered, and the takes that come of it. */
export function useAnswer(item: TodayItem, onTakes: (takes: TakeRequest[]) => Promise<void>) {
  const [phase, setPhase] = useState<Phase>('ready');
  const [outcome, setOutcome] = useState<Outcome>('slips');
  const [touched, setTouched] = useState<Touch[]>([]);
  const [ended, setEnded] = useState<Ended>();
  const kept = usePiece(item.assignmentId);
  const writing = useRef(false);
  const ran = useMemo(
    () => (ended ? answer('ran', { laps: ended.laps, finished: ended.finished }) : NOTHING),
    [ended],
  );

  /** Shown as logged only when it is kept; what is pressed twice meanwhile is meant once. */
  const log = async (takes: Omit<TakeRequest, 'clientId' | 'assignmentId'>[]) => {
    if (writing.current) return;
    writing.current = true;
    const { assignmentId } = item;
    await onTakes(takes.map((take) => ({ ...take, clientId: newId(), assignmentId }))).finally(() => {
      writing.current = false;
    });
    setPhase('logged');
  };
  const logRun = (said: Said) => {
    if (!kept || !ended) return Promise.resolve();
    const { laps, finished, seconds } = ended;
    // Each a moment after the one before: they stay in their order.
    const takenAt = localTime();
    const { takes } = answer('takes', {
      piece: kept.piece,
      player: kept.room.player,
      taken: kept.taken,
      ran: { laps, finished },
      said,
      seconds,
      takenAt,
    });
    return log(takes.map((take, i) => ({ ...take, takenAt: i === 0 ? takenAt : localTime() })));
  };
  return {
    phase,
    outcome,
    touched,
    ...ran,
    begin: () => {
      setPhase('ready');
      setTouched([]);
    },
    /** What was played, and whether it is asked about or was tapped. */
    ended: (what: Ended, tapped: boolean) => {
      setEnded(what);
      setPhase(tapped ? 'tapped' : 'asking');
    },
    tapped: () => setPhase('tapped'),
    drop: () => setPhase('ready'),
    askAgain: () => setPhase('asking'),
    say: (how: Outcome) => {
      if (how === 'clean') return logRun({ outcome: how });
      setOutcome(how);
      setPhase('slipping');
      return Promise.resolve();
    },
    /** Clean on so many of the rungs, and slips on the next. */
    sayUpTo: (upTo: number) => logRun({ outcome: 'clean', upTo }),
    /** What slipped, where, and which times; the others were clean. */
    keep: ({ slipped, note, times }: Slips) => logRun({ outcome, slipped, note, times }),
    /** How it went elsewhere, while nothing can be played here. */
    sayAlone: (how: Outcome) => {
      const { bpm, played } = item.toPlay.here;
      return log([{ bpm, played, outcome: how, takenAt: localTime() }]);
    },
    touch: (touch: Touch) =>
      setTouched((now) =>
        now.some((one) => sameTouch(one, touch))
          ? now.filter((one) => !sameTouch(one, touch))
          : [...now, touch],
      ),
  };
}

export type Answer = ReturnType<typeof useAnswer>;
