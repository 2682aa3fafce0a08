import { useHotkeys } from '@mantine/hooks';
import { useKeys } from '../../ui/useKeys';
import { useDraft, usePlacing, useWorked } from './BenchContext';

interface Actions {
  toggle: () => void;
  assign: () => void;
  find: () => void;
}

/** The bench from the keyboard. */
export function useBenchKeys({ toggle, assign, find }: Actions) {
  const { step, state, dispatch, saving } = useDraft();
  const { land } = useWorked();
  const { nudge, side, setSide } = usePlacing();
  const { document } = step;
  const tempo = (faster: number) => dispatch({ type: 'edit', edit: { faster } });
  const values = (shorter: number) => dispatch({ type: 'edit', edit: { shorter } });
  const select = (by: number) => {
    const at = state.draft.at + by;
    if (state.draft.steps[at]) dispatch({ type: 'select', at });
  };
  useKeys({
    ' ': toggle,
    ArrowLeft: () => nudge(-1),
    ArrowRight: () => nudge(1),
    ArrowUp: () => tempo(1),
    ArrowDown: () => tempo(-1),
    PageUp: () => select(-1),
    PageDown: () => select(1),
    '[': () => values(-1),
    ']': () => values(1),
    l: land,
    d: () =>
      dispatch({ type: 'line', change: { turn: document.line.turn === 'single' ? 'double' : 'single' } }),
    s: () => void saving.flush(),
    a: assign,
    c: () => dispatch({ type: 'copy' }),
    f: find,
    g: () => setSide(side === 'notes' ? 'climb' : 'notes'),
  });
  useHotkeys(
    [
      ['mod+K', find],
      ['mod+Z', () => dispatch({ type: 'undo' })],
      ['mod+shift+Z', () => dispatch({ type: 'redo' })],
      ['mod+Y', () => dispatch({ type: 'redo' })],
    ],
    [],
  );
}
