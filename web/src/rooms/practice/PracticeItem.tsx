import { lazy, Suspense, useEffect, useMemo, useRef, useState } from 'react';
import type { TakeRequest, Today, TodayItem } from '../../api/types';
import { HURRY_MS, useFresh } from '../../ui/useFresh';
import { Caution } from './Caution';
import { CleanUpTo } from './CleanUpTo';
import type { KeptWeek } from './foreseen';
import { HowItWent } from './HowItWent';
import { PracticeGo } from './PracticeGo';
import { SlipPanel } from './SlipPanel';
import { Stand } from './Stand';
import { Tapped } from './Tapped';
import { useAnswer } from './useAnswer';
import { useCaution } from './useCaution';
import { useItemKeys } from './useItemKeys';
import { useItemRun } from './useItemRun';
import { useTapCheck } from './usePractice';
import { useSound } from './useSound';
import { useSteady } from './useSteady';
import { WhatToPlay } from './WhatToPlay';
import classes from './Practice.module.css';

const SoundSheet = lazy(async () => ({ default: (await import('./SoundSheet')).SoundSheet }));

interface Props {
  token: string;
  today: Today;
  item: TodayItem;
  week?: KeptWeek;
  /** Whether the week is on its way. */
  weekComing: boolean;
  next?: TodayItem;
  onTakes: (takes: TakeRequest[]) => Promise<void>;
  onResting: (resting: boolean, assignmentId: number) => void;
  onNext: () => void;
  onBefore: () => void;
}

/** One step: what to play, the sound, the notes, and how it went. */
export function PracticeItem(props: Props) {
  const { token, today, item, week, weekComing, next, onTakes, onResting, onNext, onBefore } = props;
  const { wish, set } = useSound();
  const [chosen, setChosen] = useState<number>();
  const [tapping, setTapping] = useState(false);
  const [sheet, setSheet] = useState(false);
  const check = useTapCheck(token, item.assignmentId);
  const answer = useAnswer(item, async (takes) => {
    await onTakes(takes);
    setChosen(undefined);
  });
  const run = useItemRun({ token, item, week, weekComing, chosen, tapping, wish }, (ran) => {
    answer.ended(ran, tapping);
    if (tapping) check.mutate({ bpm: ran.bpm, at: item.toPlay.here.at, taps: ran.taps });
  });
  const { player, bpm } = run;
  const resting = !player.playing;
  useEffect(() => onResting(resting, item.assignmentId), [onResting, resting, item.assignmentId]);
  const { caution, dismiss } = useCaution(today, item, wish.latencyMs > 0);
  const shown = useSteady(run.passage.data);
  const start = () => {
    if (!run.canStart || player.playing) return;
    answer.begin();
    check.reset();
    void run.start();
  };
  // A second press on Start right after the first was meant once, and does not stop.
  const startedAt = useRef(0);
  const toggle = () => {
    if (!player.playing) {
      startedAt.current = performance.now();
      start();
    } else if (performance.now() - startedAt.current > HURRY_MS) player.stop();
  };
  const asking = answer.phase === 'asking' && resting;
  const slipping = answer.phase === 'slipping' && resting;
  const tapped = answer.phase === 'tapped' && resting;
  const panel = asking ? 'asking' : slipping ? 'slipping' : 'go';
  const fresh = useFresh(panel);
  const foot = useRef<HTMLElement>(null);
  useEffect(() => {
    if (!fresh && panel !== 'go') foot.current?.querySelector<HTMLElement>('[data-first]')?.focus();
  }, [fresh, panel]);
  const worst = useMemo(() => (tapped && check.data ? [check.data.worst] : undefined), [tapped, check.data]);
  const onSheet = () => setSheet(true);
  useItemKeys(item, run, answer, { start, toggle, onNext, onBefore, tapping, settled: !fresh, onSheet });
  return (
    <main className={classes.item} data-report={tapped && check.data !== undefined} data-phase={answer.phase}>
      <WhatToPlay
        item={item}
        bpm={run.lap?.rung.bpm ?? bpm}
        signature={shown?.key.signature}
        playing={player.playing}
        onChoose={setChosen}
      />
      <Stand
        shown={shown}
        run={run}
        foot={wish.foot ?? run.asks.foot}
        marked={slipping ? answer.touched : worst}
        onTouch={slipping ? answer.touch : undefined}
      />
      <footer ref={foot} className={classes.foot}>
        <fieldset disabled={fresh}>
          <div className={classes.panel}>
            {tapped && <Tapped check={check} />}
            {asking && answer.rising && (
              <CleanUpTo rungs={answer.rungs} onSay={answer.sayUpTo} onDrop={answer.drop} />
            )}
            {asking && !answer.rising && (
              <HowItWent
                times={answer.times}
                stopped={answer.stopped}
                onSay={answer.say}
                onDrop={answer.drop}
              />
            )}
            {slipping && shown && (
              <SlipPanel
                passage={shown}
                stopped={answer.outcome === 'stopped'}
                times={answer.times}
                touched={answer.touched}
                onTouch={answer.touch}
                onKeep={answer.keep}
              />
            )}
            {!asking && !slipping && (
              <PracticeGo
                item={item}
                next={next}
                wish={wish}
                playing={player.playing}
                canStart={run.canStart}
                again={answer.phase === 'logged' || answer.phase === 'tapped'}
                tapping={tapping}
                onTap={run.tap}
                onToggle={toggle}
                onNext={onNext}
                onSheet={onSheet}
                onSimulate={
                  week?.simulated && tapping
                    ? (simulated) => {
                        answer.tapped();
                        check.mutate({ bpm, at: item.toPlay.here.at, player: simulated });
                      }
                    : undefined
                }
              />
            )}
            {player.failed && <p role="alert">The sound did not start. Press Start once more.</p>}
            {caution && resting && !asking && !slipping && (
              <Caution text={caution.text} onDismiss={dismiss} />
            )}
          </div>
        </fieldset>
      </footer>
      <Suspense>
        {sheet && (
          <SoundSheet
            opened
            onClose={() => setSheet(false)}
            token={token}
            wish={wish}
            onSet={set}
            asks={run.asks}
            tapping={tapping}
            onTapping={setTapping}
            latencyTest={week?.latencyTest}
          />
        )}
      </Suspense>
    </main>
  );
}
