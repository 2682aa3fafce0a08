import { ActionIcon } from '@mantine/core';
import { IconPlus, IconX } from '@tabler/icons-react';
import type { Leg } from '../../api/types';
import { useAround, useDraft, useWorked } from './BenchContext';
import classes from './Controls.module.css';

/** What tells one start from another. */
const startOf = ({ turn, bar, note }: Pick<Leg, 'turn' | 'bar' | 'note'>) =>
  turn ? 'turn' : bar != null ? `bar ${bar}` : `note ${note}`;

/** Stretches of the line with a rhythm of their own: the way back, from a bar, from a note. */
export function LegFields() {
  const { step, dispatch } = useDraft();
  const { catalogue } = useAround();
  const { choices } = useWorked();
  const { rhythm } = step.document;
  const legs = rhythm.legs ?? [];
  const set = (next: Leg[]) =>
    dispatch({ type: 'rhythm', change: { legs: next.length > 0 ? next : undefined } });
  const start = (at: number, value: string) => {
    const to = choices.legStarts.find((one) => startOf(one) === value);
    if (to)
      set(legs.map((leg, i) => (i === at ? { ...leg, turn: to.turn, bar: to.bar, note: to.note } : leg)));
  };
  const change = (at: number, figure: Leg['figure'], place: Leg['place']) =>
    dispatch({ type: 'edit', edit: { leg: { at, figure, place } } });
  return (
    <div className={classes.legs}>
      {legs.map((leg, i) => (
        <div key={i} className={classes.leg} role="group" aria-label={`Leg ${i + 1}`}>
          <select
            aria-label="Begins with"
            value={startOf(leg)}
            onChange={(event) => start(i, event.currentTarget.value)}
          >
            {!choices.legStarts.some((one) => startOf(one) === startOf(leg)) && (
              <option value={startOf(leg)}>from {startOf(leg)}</option>
            )}
            {choices.legStarts.map((one) => (
              <option key={startOf(one)} value={startOf(one)}>
                {one.words}
              </option>
            ))}
          </select>
          <ActionIcon
            variant="subtle"
            color="gray"
            size="sm"
            aria-label={`Take leg ${i + 1} out`}
            onClick={() => set(legs.filter((_, other) => other !== i))}
          >
            <IconX size={14} />
          </ActionIcon>
          <select
            aria-label="In which values"
            value={leg.figure?.join(' ') ?? ''}
            onChange={(event) => {
              const { value } = event.currentTarget;
              change(i, value ? value.split(' ') : undefined, leg.place);
            }}
          >
            <option value="">in the same values</option>
            {catalogue.values.map((value) => (
              <option key={value.value} value={value.value}>
                in {value.plural}
              </option>
            ))}
            {catalogue.figures.map((figure) => (
              <option key={figure.id} value={figure.figure.join(' ')}>
                {figure.name}
              </option>
            ))}
          </select>
          <select
            aria-label="On which place"
            value={leg.place ?? ''}
            onChange={(event) => change(i, leg.figure, event.currentTarget.value || undefined)}
          >
            {!choices.legPlaces.some((one) => (one.place ?? '') === (leg.place ?? '')) && (
              <option value={leg.place}>{leg.place}</option>
            )}
            {choices.legPlaces.map(({ place, words }) => (
              <option key={words} value={place ?? ''}>
                {words}
              </option>
            ))}
          </select>
        </div>
      ))}
      <button
        type="button"
        className={classes.addLeg}
        onClick={() => dispatch({ type: 'edit', edit: { addLeg: true } })}
      >
        <IconPlus size={14} aria-hidden="true" /> a leg with its own place or values
      </button>
    </div>
  );
}
