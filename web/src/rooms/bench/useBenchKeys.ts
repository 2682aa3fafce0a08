import { useKeys } from '../../ui/useKeys';
import { useBench } from './BenchContext';

interface Actions {
  toggle: () => void;
  save: () => void;
  assign: () => void;
  find: () => void;
}

const SLOWEST = 20;
const FASTEST = 400;

/** The bench from the keyboard. */
export function useBenchKeys({ toggle, save, assign, find }: Actions) {
  const { state, dispatch, catalogue, passage, refused, nudge } = useBench();
  const { document } = state;
  const tempo = (by: number) =>
    dispatch({ type: 'bpm', bpm: Math.min(FASTEST, Math.max(SLOWEST, document.tempo.bpm + by)) });
  const values = (by: number) => {
    const all = catalogue.values.map((choice) => choice.value);
    const next = all[all.indexOf(document.rhythm.figure[0]!) + by];
    if (next) dispatch({ type: 'rhythm', change: { figure: [next] } });
  };
  useKeys({
    ' ': toggle,
    ArrowLeft: () => nudge(-1),
    ArrowRight: () => nudge(1),
    ArrowUp: () => tempo(1),
    ArrowDown: () => tempo(-1),
    '[': () => values(-1),
    ']': () => values(1),
    l: () => {
      const best = passage?.landing.fixes[0];
      if (best && !refused) dispatch({ type: 'replace', document: best.step });
    },
    d: () =>
      dispatch({ type: 'line', change: { turn: document.line.turn === 'single' ? 'double' : 'single' } }),
    s: save,
    a: assign,
    f: find,
  });
}
