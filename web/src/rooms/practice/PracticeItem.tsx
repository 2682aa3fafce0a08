import { lazy, Suspense, useEffect, useMemo, useRef, useState } from 'react';
import type { RungToPlay, Slipped, TakeForm, Today, TodayItem } from '../../api/types';
import { Engraving } from '../../notation/Engraving';
import { barsOf, droneOf } from '../../sound/bars';
import { useRun } from '../../sound/useRun';
import { PulseRibbon } from '../../ui/PulseRibbon';
import { useKeys } from '../../ui/useKeys';
import { Wrong } from '../../ui/Wrong';
import { Caution } from './Caution';
import { CleanUpTo } from './CleanUpTo';
import { FootCue } from './FootCue';
import type { KeptWeek } from './foreseen';
import { HowItWent } from './HowItWent';
import { localTime, newId } from './keep/ids';
import { PracticeGo } from './PracticeGo';
import { lapsOf, rungsPlayed, type RunLap } from './runPlan';
import { SlipPanel } from './SlipPanel';
import { SlipsHint } from './SlipsHint';
import { TapReport } from './TapReport';
import { useCaution } from './useCaution';
import { usePassage, usePassages, useTapCheck } from './usePractice';
import { useSound } from './useSound';
import { useSteady } from './useSteady';
import { useWakeLock } from './useWakeLock';
import { WhatToPlay } from './WhatToPlay';
import music from './Music.module.css';
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
  onTakes: (takes: TakeForm[]) => Promise<void>;
  onResting: (resting: boolean) => void;
  onNext: () => void;
  onBefore: () => void;
}

type Phase = 'ready' | 'asking' | 'slipping' | 'logged' | 'tapped';

/** What was played last: its laps, how many of them to the end, and for how long. */
interface Ran {
  laps: RunLap[];
  finished: number;
  seconds: number;
  bpm: number;
}

/** One step: what to play, the sound, the notes, and how it went. */
export function PracticeItem(props: Props) {
  const { token, today, item, week, weekComing, next, onTakes, onResting, onNext, onBefore } = props;
  const { here } = item;
  const { wish, set } = useSound();
  const [chosen, setChosen] = useState<number>();
  const bpm = chosen ?? here.bpm;
  const { assignmentId, edition } = item;
  const asked = { assignmentId, edition, at: here.at, bpm: bpm === here.bpm ? undefined : bpm };
  const passage = usePassage(token, asked);
  const passagesOf = usePassages(token);
  const [phase, setPhase] = useState<Phase>('ready');
  const [outcome, setOutcome] = useState<TakeForm['outcome']>('slips');
  const [touched, setTouched] = useState<number[]>([]);
  const [tapping, setTapping] = useState(false);
  const [sheet, setSheet] = useState(false);
  const taps = useRef<number[]>([]);
  const [laps, setLaps] = useState<RunLap[]>([]);
  const [ran, setRan] = useState<Ran>();
  const check = useTapCheck(token, assignmentId);
  const player = useRun((end) => {
    setRan({ laps, finished: end.laps, seconds: end.seconds, bpm });
    if (!tapping) setPhase('asking');
    else {
      setPhase('tapped');
      check.mutate({ bpm, at: here.at, taps: taps.current });
    }
  });
  const resting = !player.playing;
  useEffect(() => onResting(resting), [onResting, resting]);
  useWakeLock(player.playing);
  const { caution, dismiss } = useCaution(today, item, wish.latencyMs > 0);
  const ready = passage.data && !passage.isPlaceholderData ? passage.data : undefined;
  const shown = useSteady(passage.data);
  const played = ran ? rungsPlayed(ran.laps, ran.finished) : [];
  const lap = player.playing ? laps[player.lap] : undefined;
  const asks = {
    drone: (ready?.clicks?.drone.asked ?? 'off') as 'off' | 'tonic' | 'tonic-and-fifth',
    foot: ready?.clicks?.foot.asked ?? false,
  };
  const foot = wish.foot ?? asks.foot;

  // A tempo of the student's own choice is stayed at; taps are held against one time through.
  const once = { ...wish, times: 1, every: 0, voice: 'without' as const };
  const wanted = tapping ? once : chosen === undefined ? wish : { ...wish, every: 0 };
  const asksForWeek = wanted.times > 1 || wanted.voice === 'every_second';
  const canStart = ready !== undefined && !(weekComing && asksForWeek);

  const start = async () => {
    if (!ready || !canStart || player.playing) return;
    const ahead = week?.ahead.find((one) => one.assignmentId === assignmentId);
    const planned = lapsOf(here, ahead, week?.runs, wanted);
    setPhase('ready');
    setTouched([]);
    taps.current = [];
    check.reset();
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
  const toggle = () => (player.playing ? player.stop() : void start());
  const tap = (at: number) => {
    const since = player.sinceFirstNote(at);
    if (player.playing && since !== undefined) taps.current.push(since);
  };

  /** Shown as logged only when it is kept. */
  const log = async (
    said: { outcome: TakeForm['outcome']; rung: RungToPlay; bpm: number; slipped?: Slipped; note?: string }[],
  ) => {
    await onTakes(
      said.map(({ rung, note = '', ...rest }) => ({
        ...rest,
        clientId: newId(),
        assignmentId,
        played: rung.played,
        note,
        takenAt: localTime(),
        seconds: Math.min(3600, Math.round((ran?.seconds ?? 0) / said.length)),
      })),
    );
    setPhase('logged');
    setChosen(undefined);
  };
  const say = (how: TakeForm['outcome']) => {
    if (how === 'clean') void log([{ outcome: how, rung: here, bpm: ran!.bpm }]);
    else {
      setOutcome(how);
      setPhase('slipping');
    }
  };
  const sayUpTo = (clean: number) => {
    const takes = played.slice(0, clean).map((rung) => ({ outcome: 'clean' as const, rung, bpm: rung.bpm }));
    const missed = played[clean];
    void log(missed ? [...takes, { outcome: 'slips', rung: missed, bpm: missed.bpm }] : takes);
  };

  const asking = phase === 'asking' && resting;
  const slipping = phase === 'slipping' && resting;
  const whole = played.length > 0;
  const rising = played.length > 1;
  const enough = item.takesToday >= item.repetitions;
  const forward = () => {
    if (player.playing) return;
    if (asking && rising) return sayUpTo(played.length);
    if (asking) return say(whole ? 'clean' : 'stopped');
    if (phase === 'logged' && enough) return onNext();
    void start();
  };
  const back = () => {
    if (player.playing) return player.stop();
    if (asking) return whole ? (rising ? sayUpTo(0) : say('slips')) : setPhase('ready');
    if (slipping) return setPhase('asking');
    onBefore();
  };
  useKeys({
    ' ': asking || slipping ? undefined : toggle,
    t: tapping ? () => tap(performance.now()) : undefined,
    s: resting ? () => setSheet(true) : undefined,
    ...(slipping ? {} : { ArrowRight: forward, ArrowDown: forward, PageDown: forward }),
    ArrowLeft: back,
    ArrowUp: back,
    PageUp: back,
  });
  const touch = (index: number) =>
    setTouched((now) =>
      now.includes(index) ? now.filter((one) => one !== index) : [...now, index].sort((a, b) => a - b),
    );
  const reported = phase === 'tapped' && resting && check.data !== undefined;
  const question = useMemo(() => {
    if (!ran || ran.finished === ran.laps.length) return 'How did it go?';
    const own = ran.laps.slice(0, ran.finished).filter((one) => one.student).length;
    return own === 0 ? 'You stopped.' : `You stopped after ${own}. How did it go?`;
  }, [ran]);
  return (
    <main className={classes.item} data-report={reported} data-phase={phase}>
      <WhatToPlay
        item={item}
        bpm={lap?.rung.bpm ?? bpm}
        signature={shown?.signature}
        playing={player.playing}
        onChoose={setChosen}
      />
      <section className={music.music} aria-label="Notes and pulse">
        {passage.isError && !shown && <Wrong error={passage.error} again={() => passage.refetch()} />}
        {shown && (
          <>
            <div className={music.over}>
              <SlipsHint slips={shown.slips} />
              {player.playing && laps.length > 1 && (
                <span className={music.lap} aria-live="polite">
                  {lap?.student === false ? 'Listen' : 'Play'} · {player.lap + 1} of {laps.length}
                </span>
              )}
              {foot && <FootCue foot={player.foot} />}
            </div>
            <div className={music.paper} tabIndex={0} role="region" aria-label="Engraved notes">
              <Engraving
                passage={shown}
                lights={player.lights}
                largest={1.35}
                marked={slipping ? touched : undefined}
                onTouch={slipping ? touch : undefined}
              />
            </div>
            {shown.pulse && (
              <div className={music.pulse} tabIndex={0} role="region" aria-label="Pulse">
                <PulseRibbon passage={shown} pulse={shown.pulse} lights={player.lights} dense />
              </div>
            )}
          </>
        )}
        {player.playing && player.count !== undefined && (
          <div className={music.count} aria-hidden="true">
            {player.count}
          </div>
        )}
      </section>
      <footer className={classes.foot}>
        {reported && <TapReport report={check.data!} />}
        {phase === 'tapped' && check.isError && resting && <Wrong error={check.error} />}
        {asking && rising && <CleanUpTo rungs={played} onSay={sayUpTo} onDrop={() => setPhase('ready')} />}
        {asking && !rising && (
          <HowItWent whole={whole} question={question} onSay={say} onDrop={() => setPhase('ready')} />
        )}
        {slipping && shown && (
          <SlipPanel
            passage={shown}
            stopped={outcome === 'stopped'}
            touched={touched}
            onTouch={touch}
            onKeep={(slipped, note) => void log([{ outcome, rung: here, bpm: ran!.bpm, slipped, note }])}
          />
        )}
        {!asking && !slipping && (
          <PracticeGo
            item={item}
            next={next}
            wish={wish}
            playing={player.playing}
            canStart={canStart}
            again={phase === 'logged' || phase === 'tapped'}
            tapping={tapping}
            onTap={tap}
            onToggle={toggle}
            onNext={onNext}
            onSheet={() => setSheet(true)}
            onSimulate={
              week?.simulated && tapping
                ? (player_) => {
                    setPhase('tapped');
                    check.mutate({ bpm, at: here.at, player: player_ });
                  }
                : undefined
            }
          />
        )}
        {player.failed && <p role="alert">The sound did not start. Press Start once more.</p>}
        {resting && !asking && !slipping && caution && <Caution text={caution.text} onDismiss={dismiss} />}
      </footer>
      <Suspense>
        {sheet && (
          <SoundSheet
            opened
            onClose={() => setSheet(false)}
            token={token}
            wish={wish}
            onSet={set}
            asks={asks}
            tapping={tapping}
            onTapping={setTapping}
            latencyTest={week?.latencyTest}
          />
        )}
      </Suspense>
    </main>
  );
}
