import { ActionIcon } from '@mantine/core';
import { IconPlus, IconTrash } from '@tabler/icons-react';
import { useSuggestions } from '../../../api/climbs';
import type { AxisKind, ClimbRung } from '../../../api/types';
import { Choose } from '../../../ui/Choose';
import { never } from '../../../never';
import { useValueName } from '../../../ui/useValueName';
import { useAround, useDraft, useWorked } from '../BenchContext';
import { patternOf, withPattern } from '../material';
import { RANGES } from '../ranges';
import { nextRung, withNextRung, withoutRung, withRung } from '../../../parts/climbs/climbs';
import classes from './Climb.module.css';

interface Props {
  /** Which axis, and which of its rungs. */
  axis: number;
  rung: number;
  start: number[];
  /** Whether a rung can be put in and taken out here: once for axes that move together. */
  acts: boolean;
}

const SLURS = [2, 3, 4, 6, 8, 12, 16];

/** Changes the rung that is pressed on an axis or takes it out, and puts a further one at the end. */
export function RungFields({ axis, rung, start, acts }: Props) {
  const { step, dispatch } = useDraft();
  const suggestions = useSuggestions(step.document).data ?? [];
  const { climb } = step;
  const { axis: kind, rungs = [] } = climb.axes[axis]!;
  const now = rungs[rung];
  if (!now) return null;
  const paired = climb.policy === 'paired';
  const others = climb.axes.flatMap((one, i) =>
    paired && one.axis !== 'tempo' ? [i] : i === axis ? [i] : [],
  );
  const put = (change: ClimbRung) =>
    dispatch({ type: 'climb', climb: withRung(climb, axis, rung, change), start });
  // Axes that move together get and lose their rungs together.
  const add = () =>
    dispatch({
      type: 'climb',
      climb: others.reduce((made, i) => withNextRung(made, i, suggestions), climb),
      start,
    });
  const remove = () =>
    dispatch({
      type: 'climb',
      climb: others.reduce((made, i) => withoutRung(made, i, rung), climb),
      start: start.map((at, i) => (others.includes(i) ? Math.max(0, rung - 1) : at)),
    });
  return (
    <span className={classes.fields}>
      <RungChoice kind={kind} rung={now} onChange={put} />
      {acts && (
        <ActionIcon
          variant="subtle"
          color="gray"
          size="sm"
          aria-label="Add a further rung"
          disabled={others.some((i) => !nextRung(climb.axes[i]!, suggestions))}
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

interface ChoiceProps {
  kind: AxisKind;
  rung: ClimbRung;
  onChange: (rung: ClimbRung) => void;
}

function RungChoice({ kind, rung, onChange }: ChoiceProps) {
  const { step } = useDraft();
  const { catalogue } = useAround();
  const { passage } = useWorked();
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
          value={rung.octaves != null ? `o${rung.octaves}` : `s${rung.span}`}
          choices={RANGES}
          onChange={(value) => {
            const size = Number(value.slice(1));
            onChange(value.startsWith('o') ? { octaves: size } : { span: size });
          }}
        />
      );
    case 'place': {
      const places = (passage?.pulse?.places ?? []).map((one) => ({ value: one.place, label: one.words }));
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
            onChange={(value) =>
              onChange({
                articulation: {
                  kind: value,
                  by: value.startsWith('slurred') ? (by ?? 2) : undefined,
                },
              })
            }
          />
          {by != null && (
            <Choose
              other="of your own"
              label="Notes in a slur"
              value={String(by)}
              choices={SLURS.map((n) => ({ value: String(n), label: `by ${n}` }))}
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
            value={patternOf(line, catalogue)?.id ?? 'own'}
            choices={catalogue.patterns.map((one) => ({ value: one.id, label: one.name }))}
            onChange={(id) => {
              const pattern = catalogue.patterns.find((one) => one.id === id);
              if (pattern) onChange({ line: withPattern(step.document.line, pattern) });
            }}
          />
          <Choose
            other="of your own"
            label="Range of this rung"
            value={line.octaves != null ? `o${line.octaves}` : `s${line.span}`}
            choices={RANGES}
            onChange={(value) => {
              const size = Number(value.slice(1));
              const octaves = value.startsWith('o');
              onChange({
                line: { ...line, octaves: octaves ? size : undefined, span: octaves ? undefined : size },
              });
            }}
          />
        </>
      );
    }
    case 'tempo':
      return null;
    default:
      return never(kind);
  }
}
