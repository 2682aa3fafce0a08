import { ActionIcon } from '@mantine/core';
import { IconPlus, IconX } from '@tabler/icons-react';
import type { Leg } from '../../api/types';
import { useAround, useDraft, useWorked } from './BenchContext';
import classes from './Controls.module.css';

const PLACES = [
  { value: '', label: 'follows on' },
  { value: '0', label: 'on the next beat' },
  { value: '1/16', label: 'on the e' },
  { value: '1/8', label: 'on the &' },
  { value: '3/16', label: 'on the a' },
  { value: '1/12', label: 'on the second triplet' },
  { value: '1/6', label: 'on the third triplet' },
];

function startOf(leg: Leg): string {
  if (leg.turn) return 'turn';
  return leg.bar != null ? `bar ${leg.bar}` : `note ${leg.note}`;
}

/** Stretches of the line with a rhythm of their own: the way back, from a bar, from a note. */
export function LegFields() {
  const { step, dispatch } = useDraft();
  const { catalogue } = useAround();
  const { passage } = useWorked();
  const { rhythm } = step.document;
  const legs = rhythm.legs ?? [];
  const turns = ['up-down', 'down-up'].includes(step.document.line.travel);
  const set = (next: Leg[]) =>
    dispatch({ type: 'rhythm', change: { legs: next.length > 0 ? next : undefined } });
  const change = (at: number, part: Partial<Leg>) =>
    set(legs.map((leg, i) => (i === at ? { ...leg, ...part } : leg)));
  const starts = [
    ...(turns ? [{ value: 'turn', label: 'the way back' }] : []),
    ...Array.from({ length: Math.min(8, passage?.bars ?? 1) }, (_, i) => ({
      value: `bar ${i + 1}`,
      label: `from bar ${i + 1}`,
    })).slice(1),
    ...[2, 3, 5, 8, 9, 15, 16].map((note) => ({ value: `note ${note}`, label: `from note ${note}` })),
  ];
  const start = (at: number, value: string) => {
    const [kind, number] = value.split(' ');
    change(at, {
      turn: kind === 'turn' ? true : undefined,
      bar: kind === 'bar' ? Number(number) : undefined,
      note: kind === 'note' ? Number(number) : undefined,
    });
  };
  return (
    <div className={classes.legs}>
      {legs.map((leg, i) => (
        <div key={i} className={classes.leg} role="group" aria-label={`Leg ${i + 1}`}>
          <select
            aria-label="Begins with"
            value={startOf(leg)}
            onChange={(event) => start(i, event.currentTarget.value)}
          >
            {!starts.some((one) => one.value === startOf(leg)) && <option>{startOf(leg)}</option>}
            {starts.map((one) => (
              <option key={one.value} value={one.value}>
                {one.label}
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
              const figure = event.currentTarget.value ? event.currentTarget.value.split(' ') : undefined;
              change(i, { figure, place: figure || leg.place != null ? leg.place : '0' });
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
            onChange={(event) => {
              const place = event.currentTarget.value || undefined;
              change(i, { place, figure: place || leg.figure ? leg.figure : rhythm.figure });
            }}
          >
            {PLACES.map((place) => (
              <option key={place.value} value={place.value}>
                {place.label}
              </option>
            ))}
          </select>
        </div>
      ))}
      <button
        type="button"
        className={classes.addLeg}
        onClick={() => set([...legs, turns ? { turn: true, place: '1/8' } : { note: 5, place: '1/8' }])}
      >
        <IconPlus size={14} aria-hidden="true" /> a leg with its own place or values
      </button>
    </div>
  );
}
