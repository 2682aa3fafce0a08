import { ActionIcon } from '@mantine/core';
import { IconPlus, IconTrash } from '@tabler/icons-react';
import type { AxisKind, ClimbRung } from '../../../api/types';
import { Choose } from '../../../ui/Choose';
import { answer } from '../../../core/answers';
import { never } from '../../../never';
import { useValueName } from '../../../ui/useValueName';
import { useAround, useDraft, useWorked } from '../BenchContext';
import { HandOfRung } from './HandOfRung';
import { rangeChoices, rangeId, rangeOf } from '../ranges';
import { withRung } from '../../../parts/climbs/climbs';
import classes from './Climb.module.css';

interface Props {
  /** Which axis, and which of its rungs. */
  axis: number;
  rung: number;
  start: number[];
  /** Whether a rung can be put in and taken out here: once for axes that move together. */
  acts: boolean;
  /** Whether the axis can have a further rung. */
  grows: boolean;
}

/** Changes the rung that is pressed on an axis or takes it out, and puts a further one at the end. */
export function RungFields({ axis, rung, start, acts, grows }: Props) {
  const { step, dispatch } = useDraft();
  const { player } = useAround().who;
  const { climb } = step;
  const { axis: kind, rungs = [] } = climb.axes[axis]!;
  const now = rungs[rung];
  if (!now) return null;
  const put = (change: ClimbRung) =>
    dispatch({ type: 'climb', climb: withRung(climb, axis, rung, change), start });
  // Axes that move together get and lose their rungs together.
  const add = () => dispatch({ type: 'climbEdit', edit: { addRung: axis }, start, player });
  const remove = () => dispatch({ type: 'climbEdit', edit: { takeRung: { axis, rung } } });
  return (
    <span className={classes.fields}>
      <RungChoice kind={kind} at={{ axis, rung }} rung={now} onChange={put} />
      {acts && (
        <ActionIcon
          variant="subtle"
          color="gray"
          size="sm"
          aria-label="Add a further rung"
          disabled={!grows}
          onClick={add}
        >
          <IconPlus size={15} />
        </ActionIcon>
      )}
      {acts && rungs.length > 1 && (
        <ActionIcon
          variant="subtle"
          color="gray"
          size="sm"
          aria-label={`Take out rung ${rung + 1}`}
          onClick={remove}
        >
          <IconTrash size={15} />
        </ActionIcon>
      )}
    </span>
  );
}

const WHOLE_WALK = 'whole';

interface ChoiceProps {
  kind: AxisKind;
  /** Which rung of which axis it is. */
  at: { axis: number; rung: number };
  rung: ClimbRung;
  onChange: (rung: ClimbRung) => void;
}

function RungChoice({ kind, at, rung, onChange }: ChoiceProps) {
  const { dispatch } = useDraft();
  const { catalogue } = useAround();
  const { choices } = useWorked();
  const nameOf = useValueName();
  switch (kind) {
    case 'value': {
      const even = catalogue.values.map((one) => ({ value: one.value, label: nameOf(one) }));
      const named = catalogue.figures.map((one) => ({ value: one.figure.join(' '), label: one.name }));
      return (
        <Choose
          other="of your own"
          label="Note values of this rung"
          value={rung.figure!.join(' ')}
          choices={[...even, ...named]}
          onChange={(value) => onChange({ figure: value.split(' ') })}
        />
      );
    }
    case 'span':
      return (
        <Choose
          other="of your own"
          label="Span of this rung"
          value={rangeId(rung)}
          choices={rangeChoices(catalogue)}
          onChange={(value) => onChange(rangeOf(catalogue, value))}
        />
      );
    case 'place': {
      const places = choices.places.map((one) => ({ value: one.place, label: one.words }));
      return (
        <>
          <Choose
            other="of your own"
            label="Place of this rung"
            value={rung.place!}
            choices={places}
            onChange={(place) => onChange({ ...rung, place })}
          />
          <Choose
            other="of your own"
            label="Place on the way back"
            value={rung.back ?? ''}
            choices={[{ value: '', label: 'the same back' }, ...places]}
            onChange={(back) => onChange({ place: rung.place, back: back || undefined })}
          />
        </>
      );
    }
    case 'articulation': {
      const { kind: joined, by } = rung.articulation!;
      return (
        <>
          <Choose
            other="of your own"
            label="Slurs of this rung"
            value={joined}
            choices={catalogue.articulations.map((one) => ({ value: one.id, label: one.name }))}
            onChange={(value) => dispatch({ type: 'climbEdit', edit: { joined: { ...at, kind: value } } })}
          />
          {by != null && (
            <Choose
              other="of your own"
              label="Notes in a slur"
              value={String(by)}
              choices={catalogue.amounts.slurs.map((n) => ({ value: String(n), label: `by ${n}` }))}
              onChange={(value) => onChange({ articulation: { kind: joined, by: Number(value) } })}
            />
          )}
        </>
      );
    }
    case 'line': {
      const line = rung.line!;
      return (
        <>
          <Choose
            other="of your own"
            label="Line of this rung"
            value={answer('pattern', { line }).pattern ?? 'own'}
            choices={catalogue.patterns.map((one) => ({ value: one.id, label: one.name }))}
            onChange={(pattern) => dispatch({ type: 'climbEdit', edit: { pattern: { ...at, pattern } } })}
          />
          <Choose
            other="of your own"
            label="Range of this rung"
            value={rangeId(line)}
            choices={rangeChoices(catalogue)}
            onChange={(value) => onChange({ line: { ...line, ...rangeOf(catalogue, value) } })}
          />
        </>
      );
    }
    case 'hands':
      return (
        <Choose
          label="Hands of this rung"
          value={rung.hands}
          choices={catalogue.hands.map((one) => ({ value: one.id, label: one.name }))}
          onChange={(hands) => onChange({ hands })}
        />
      );
    case 'walk':
      return (
        <Choose
          label="Keys of this rung"
          value={rung.wholeWalk ? WHOLE_WALK : String(rung.keys)}
          choices={[
            ...Array.from({ length: 12 }, (_, i) => ({
              value: String(i + 1),
              label: i === 0 ? 'one key' : `${i + 1} keys`,
            })),
            { value: WHOLE_WALK, label: 'all keys' },
          ]}
          onChange={(value) => onChange(value === WHOLE_WALK ? { wholeWalk: true } : { keys: Number(value) })}
        />
      );
    case 'hand':
      return <HandOfRung hand={rung.hand!} onChange={(hand) => onChange({ hand })} />;
    case 'tempo':
      return null;
    default:
      return never(kind);
  }
}
