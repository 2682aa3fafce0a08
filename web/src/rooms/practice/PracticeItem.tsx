import { useRef, useState } from 'react';
import type { TakeForm, TodayItem } from '../../api/types';
import { Engraving } from '../../notation/Engraving';
import { usePlayer } from '../../sound/usePlayer';
import { PulseRibbon } from '../../ui/PulseRibbon';
import { useKeys } from '../../ui/useKeys';
import { Wrong } from '../../ui/Wrong';
import { beatSign, notes, short } from '../../ui/words';
import { Caution } from './Caution';
import { HowItWent } from './HowItWent';
import { localTime, takeId } from './outbox';
import { Rungs } from './Rungs';
import { TapReport } from './TapReport';
import { usePracticePassage, useTapCheck } from './usePractice';
import classes from './Practice.module.css';

interface Props {
  token: string;
  item: TodayItem;
  next?: TodayItem;
  cautions: string[];
  onTake: (take: TakeForm) => Promise<void>;
  onNext: () => void;
}

type Phase = 'ready' | 'asking' | 'logged' | 'tapped';

/** One step: what to play, the sound, the notes, and how it went. */
export function PracticeItem({ token, item, next, cautions, onTake, onNext }: Props) {
  const [chosen, setChosen] = useState<number>();
  const bpm = chosen ?? item.bpm;
  const passage = usePracticePassage(token, item.assignmentId, bpm);
  const [phase, setPhase] = useState<Phase>('ready');
  const [whole, setWhole] = useState(true);
  const [voice, setVoice] = useState(false);
  const [tapping, setTapping] = useState(false);
  const taps = useRef<number[]>([]);
  const check = useTapCheck(token, item.assignmentId);
  const player = usePlayer((played) => {
    setWhole(played);
    setPhase(tapping ? 'tapped' : 'asking');
    if (tapping) check.mutate({ bpm, taps: taps.current });
  });
  const tap = (at: number) => {
    const since = player.sinceFirstNote(at);
    if (player.playing && since !== undefined) taps.current.push(since);
  };
  const current = passage.data && !passage.isPlaceholderData ? passage.data : undefined;
  const toggle = () => {
    if (player.playing) player.stop();
    else if (current) {
      setPhase('ready');
      taps.current = [];
      check.reset();
      void player.start(current, voice);
    }
  };
  const log = (outcome: TakeForm['outcome'], note: string) => {
    setPhase('logged');
    setChosen(undefined);
    void onTake({
      clientId: takeId(),
      assignmentId: item.assignmentId,
      bpm,
      played: item.played,
      outcome,
      note,
      takenAt: localTime(),
    });
  };
  const asking = phase === 'asking' && !player.playing;
  useKeys({ ' ': toggle, t: tapping ? () => tap(performance.now()) : undefined });
  const shown = passage.data;
  const reported = phase === 'tapped' && !player.playing && check.data !== undefined;
  return (
    <main className={classes.item} data-report={reported}>
      <section className={classes.what} aria-label="What to play">
        <h1>{notes(item.key)}</h1>
        <p className={classes.summary}>
          {notes(item.title)}
          <br />
          {notes(item.summary)}
          <span className={classes.times}>
            {' '}
            · {item.repetitions === 1 ? 'once' : `${item.repetitions} times`}, {item.minutes} min
          </span>
        </p>
        <p className={classes.tempo}>
          <span>{beatSign(item.beat)} =</span> {short(bpm)} <small>bpm</small>
        </p>
        <Rungs item={item} bpm={bpm} onChoose={setChosen} disabled={player.playing} />
        <p className={classes.standing} aria-live="polite">
          {notes(item.sentence)}
        </p>
      </section>
      <section className={classes.music} aria-label="Notes and pulse">
        {passage.isError && <Wrong error={passage.error} again={() => passage.refetch()} />}
        {shown && (
          <>
            {shown.slips.length > 0 && (
              <p className={classes.slips}>
                {shown.slips.map((slip) => (
                  <span key={`${slip.play}${slip.not}${slip.when ?? ''}`}>
                    {slip.when && `going ${slip.when} `}play <strong>{notes(slip.play)}</strong>, not{' '}
                    {notes(slip.not)}
                  </span>
                ))}
              </p>
            )}
            <div className={classes.paper} tabIndex={0} role="region" aria-label="Engraved notes">
              <Engraving passage={shown} lights={player.lights} largest={1.35} />
            </div>
            {shown.pulse && (
              <div className={classes.pulse}>
                <PulseRibbon passage={shown} pulse={shown.pulse} lights={player.lights} />
              </div>
            )}
          </>
        )}
        {player.playing && player.count !== undefined && (
          <div className={classes.count} aria-hidden="true">
            {player.count}
          </div>
        )}
      </section>
      <footer className={classes.foot}>
        {reported && <TapReport report={check.data!} />}
        {phase === 'tapped' && check.isError && !player.playing && <Wrong error={check.error} />}
        {asking ? (
          <HowItWent whole={whole} onSay={log} />
        ) : (
          <div className={classes.go}>
            {player.playing && tapping ? (
              <button type="button" className={classes.start} onPointerDown={(event) => tap(event.timeStamp)}>
                Tap
                <kbd aria-hidden="true">T</kbd>
              </button>
            ) : (
              <button type="button" className={classes.start} onClick={toggle} disabled={!current}>
                {player.playing ? 'Stop' : phase === 'logged' || phase === 'tapped' ? 'Again' : 'Start'}
                <kbd aria-hidden="true">space</kbd>
              </button>
            )}
            {player.playing && tapping && (
              <button type="button" className={classes.next} onClick={toggle}>
                Stop
              </button>
            )}
            {!player.playing && (
              <span className={classes.voice}>
                <label>
                  <input
                    type="checkbox"
                    checked={voice}
                    onChange={(event) => setVoice(event.currentTarget.checked)}
                  />
                  hear the notes
                </label>
                <label>
                  <input
                    type="checkbox"
                    checked={tapping}
                    onChange={(event) => setTapping(event.currentTarget.checked)}
                  />
                  tap it
                </label>
              </span>
            )}
            {!player.playing && (
              <button type="button" className={classes.next} onClick={onNext}>
                {next ? `Next: ${notes(next.title)}` : 'Finish for today'}
              </button>
            )}
          </div>
        )}
        {player.failed && <p role="alert">The sound did not start. Press Start once more.</p>}
        {!player.playing && !asking && <Caution cautions={cautions} />}
      </footer>
    </main>
  );
}
