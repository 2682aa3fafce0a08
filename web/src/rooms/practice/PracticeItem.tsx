import { partsOf } from '../../sound/mix';
import { useParams } from 'react-router';
import { lazy, Suspense, useContext, useEffect, useMemo, useRef, useState } from 'react';
import type { TakeRequest, Today, TodayItem } from '../../api/types';
import { useCore } from '../../core/useCore';
import { HURRY_MS, useFresh } from '../../ui/useFresh';
import { Caution } from './Caution';
import { CleanUpTo } from './CleanUpTo';
import { HowItWent } from './HowItWent';
import { PracticeGo } from './PracticeGo';
import { SlipPanel } from './SlipPanel';
import { Stand } from './Stand';
import { Tapped } from './Tapped';
import { FriendLine } from './FriendLine';
import { useAnswer } from './useAnswer';
import { useCaution } from './useCaution';
import { useItemKeys } from './useItemKeys';
import { useItemRun } from './useItemRun';
import { KeptContext } from './useRoom';
import { useSound } from './useSound';
import { useStand } from './useStand';
import { useSteady } from './useSteady';
import { useTaps } from './useTaps';
import { WhatToPlay } from './WhatToPlay';
import classes from './Practice.module.css';

const TakeOwn = lazy(async () => ({ default: (await import('./TakeOwn')).TakeOwn }));
const SoundSheet = lazy(async () => ({ default: (await import('./SoundSheet')).SoundSheet }));

interface Props {
  today: Today;
  item: TodayItem;
  next?: TodayItem;
  onTakes: (takes: TakeRequest[]) => Promise<void>;
  onResting: (resting: boolean, assignmentId: number) => void;
  onNext: () => void;
  onBefore: () => void;
}

/** One step: what to play, the sound, the notes, and how it went. */
export function PracticeItem(props: Props) {
  const { today, item, next, onTakes, onResting, onNext, onBefore } = props;
  const { wish, set } = useSound();
  const [chosen, setChosen] = useState<number>();
  const [tapping, setTapping] = useState(false);
  const [sheet, setSheet] = useState(false);
  const [taking, setTaking] = useState(false);
  const { token = '' } = useParams();
  const core = useCore();
  const answer = useAnswer(item, async (takes) => {
    await onTakes(takes);
    setChosen(undefined);
  });
  const stand = useStand(item, chosen);
  const taps = useTaps(stand.asked);
  const run = useItemRun({ stand, tapping, wish }, (ended) => {
    // A friend plays along; what is kept is the student's own.
    if (stand.part !== undefined) return;
    answer.ended(ended, tapping);
    if (tapping) taps.look({ bpm: ended.bpm, at: item.toPlay.here.at, taps: ended.taps });
  });
  const simulated = useContext(KeptContext)?.room.simulated;
  const { player } = run;
  const { bpm } = stand;
  const resting = !player.playing;
  useEffect(() => onResting(resting, item.assignmentId), [onResting, resting, item.assignmentId]);
  const { caution, dismiss } = useCaution(today, item, wish.latencyMs > 0);
  const shown = useSteady(stand.passage);
  const start = () => {
    if (!run.canStart || player.playing) return;
    answer.begin();
    taps.forget();
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
  const report = tapped ? taps.found?.answer : undefined;
  const worst = useMemo(() => report && [{ index: report.worst }], [report]);
  const onSheet = () => setSheet(true);
  useItemKeys(item, run, answer, { start, toggle, onNext, onBefore, tapping, settled: !fresh, onSheet });
  return (
    <main className={classes.item} data-report={report !== undefined} data-phase={answer.phase}>
      <WhatToPlay
        item={item}
        bpm={run.lap?.bpm ?? bpm}
        // Each key of a walk has its own.
        signature={shown?.stations ? undefined : shown?.key.signature}
        playing={player.playing}
        onChoose={setChosen}
      />
      <Stand
        shown={shown}
        friend={stand.part !== undefined}
        refused={stand.refused}
        run={run}
        foot={wish.foot ?? stand.asks.foot}
        fingers={wish.fingers}
        picture={wish.picture === true}
        onPicture={(picture) => set({ picture })}
        marked={slipping ? answer.touched : worst}
        onTouch={slipping ? answer.touch : undefined}
      />
      <footer ref={foot} className={classes.foot}>
        <fieldset disabled={fresh}>
          <div className={classes.panel}>
            {tapped && <Tapped found={taps.found} />}
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
            {core === 'failed' && <HowItWent times={1} stopped={false} onSay={answer.sayAlone} />}
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
                  simulated && tapping
                    ? (who) => {
                        answer.tapped();
                        taps.look({ bpm, at: item.toPlay.here.at, simulated: who });
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
        {taking && <TakeOwn token={token} today={today} item={item} onClose={() => setTaking(false)} />}
        {sheet && (
          <SoundSheet
            opened
            onClose={() => setSheet(false)}
            wish={wish}
            onSet={set}
            asks={stand.asks}
            hand={stand.passage?.hand !== undefined}
            parts={stand.passage ? partsOf(stand.passage) : []}
            friend={<FriendLine passage={stand.passage} part={stand.part} />}
            tapping={tapping}
            onTapping={setTapping}
            onTakeAway={() => {
              setSheet(false);
              setTaking(true);
            }}
          />
        )}
      </Suspense>
    </main>
  );
}
