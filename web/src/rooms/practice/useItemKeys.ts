import type { TodayItem } from '../../api/types';
import { useKeys } from '../../ui/useKeys';
import type { Answer } from './useAnswer';
import type { ItemRun } from './useItemRun';

interface Actions {
  start: () => void;
  toggle: () => void;
  onNext: () => void;
  onBefore: () => void;
  tapping: boolean;
  /** Whether what is shown has been there long enough to be answered. */
  settled: boolean;
  onSheet: () => void;
}

/**
 * The keyboard and the two pedals of one item. Forward starts, says clean and goes on when it was done often enough; back
 * stops, says slips and goes back. The panel that asks what slipped has its own keys for forward.
 */
export function useItemKeys(item: TodayItem, run: ItemRun, answer: Answer, actions: Actions) {
  const { player } = run;
  const resting = !player.playing;
  const asking = answer.phase === 'asking' && resting;
  const slipping = answer.phase === 'slipping' && resting;
  const enough = item.day.takes >= item.toPlay.repetitions;
  const forward = () => {
    if (player.playing) return;
    if (asking && answer.rising) return void answer.sayUpTo(answer.rungs.length);
    if (asking) return void answer.say(answer.times > 0 ? 'clean' : 'stopped');
    if (answer.phase === 'logged' && enough) return actions.onNext();
    actions.start();
  };
  const back = () => {
    if (player.playing) return player.stop();
    if (slipping) return answer.askAgain();
    if (!asking) return actions.onBefore();
    if (answer.times === 0) return answer.drop();
    void (answer.rising ? answer.sayUpTo(0) : answer.say('slips'));
  };
  const others = {
    t: actions.tapping ? () => run.tap(performance.now()) : undefined,
    s: resting ? actions.onSheet : undefined,
  };
  useKeys(others, true, false);
  const answers = {
    ' ': asking || slipping ? undefined : actions.toggle,
    ...(slipping ? {} : { ArrowRight: forward, ArrowDown: forward, PageDown: forward }),
    ArrowLeft: back,
    ArrowUp: back,
    PageUp: back,
  };
  // A pedal that is held down, or that bounces, is meant once.
  useKeys(answers, actions.settled, false);
}
