import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { ActionIcon } from '@mantine/core';
import { IconGripVertical, IconX } from '@tabler/icons-react';
import type { ClimbAnswer } from '../../../api/types';
import { capital } from '../../../ui/capital';
import { short } from '../../../ui/words';
import { useAround, useDraft } from '../BenchContext';
import { withAxis, withoutAxis } from '../../../parts/climbs/climbs';
import { RungFields } from './RungFields';
import { shown } from './shown';
import { StonePath, type PathStone } from './StonePath';
import { TempoFields } from './TempoFields';
import classes from './Climb.module.css';

interface Props {
  id: string;
  /** The axes that move as one, by their places among the axes. */
  group: number[];
  /** The climb worked out; while it is refused there is none, and the rungs can still be changed. */
  answer?: ClimbAnswer;
  /** The rung that is pressed on each axis. */
  at: number[];
  /** Which comes first, which then. */
  order: string;
  /** Which axes of the climb can have a further rung. */
  further: boolean[];
}

const MOST_SHOWN = 14;

const HEIGHT = 100;
const LINE = 16;

/** Room under a path for words that do not fit under their stone in one line. */
function roomFor(stones: PathStone[]): number {
  const room = 110 / Math.max(4, stones.length);
  const longest = Math.max(1, ...stones.map((stone) => stone.label.length));
  return LINE * (Math.min(4, Math.ceil(longest / room)) - 1);
}

/** The axes that move together, as one row of stones; pressing a stone makes it the rung a student starts on. */
export function AxisSection({ id, group, answer, at, order, further }: Props) {
  const { step, dispatch } = useDraft();
  const { catalogue } = useAround();
  const { attributes, listeners, setNodeRef, transform, transition } = useSortable({ id });
  const { climb } = step;
  const kinds = group.map((i) => climb.axes[i]!.axis);
  const own = group.flatMap((i) => answer?.axes[i] ?? []);
  const lead = own[0];
  const title = capital(
    kinds.map((kind) => catalogue.axes.find((one) => one.id === kind)!.name).join(' and '),
  );
  const now = at[group[0]!] ?? 0;
  const tempo = kinds[0] === 'tempo';
  const beats = group.length > 1 ? lead?.each : undefined;
  const count = lead?.rungs.length ?? climb.axes[group[0]!]!.rungs?.length ?? 0;
  const places = shown(count, MOST_SHOWN, now);
  const stones = places.map<PathStone>((rung) => {
    const stone = {
      id: `${kinds[0]} ${rung} ${step.key}`,
      tone: rung === now ? 'river' : rung === count - 1 ? 'ink' : rung < now ? 'hollow' : 'sand',
      pressed: rung === now,
    } as const;
    const view = lead?.rungs[rung];
    if (!view) return { ...stone, above: '', label: `rung ${rung + 1}`, under: '', name: `Rung ${rung + 1}` };
    const words = own.map((axis) => axis.rungs[rung]?.words ?? '').join(', ');
    return {
      ...stone,
      above: `${view.notesPerSecond.toFixed(1)}/s`,
      label: tempo ? short(view.bpm) : words,
      under: view.time,
      name: `${words}: ${short(view.notesPerSecond)} notes a second, ${view.notes} notes, ${view.time} a day; start here`,
    };
  });
  return (
    <li
      ref={setNodeRef}
      className={classes.axis}
      aria-label={title}
      style={{ transform: CSS.Translate.toString(transform), transition }}
    >
      <div className={classes.head}>
        <button
          type="button"
          className={classes.grip}
          {...attributes}
          {...listeners}
          aria-label={`Move ${title}`}
          aria-roledescription="movable axis"
        >
          <IconGripVertical size={15} />
        </button>
        <h2>{title}</h2>
        {tempo ? (
          <TempoFields
            axis={climb.axes[group[0]!]!}
            onChange={(change) => dispatch({ type: 'climb', climb: withAxis(climb, group[0]!, change) })}
            onScheme={(scheme) => dispatch({ type: 'climbEdit', edit: { scheme } })}
          />
        ) : (
          group.map((axis, i) => (
            <RungFields
              key={climb.axes[axis]!.axis}
              axis={axis}
              rung={at[axis] ?? 0}
              start={at}
              acts={i === group.length - 1}
              grows={further[axis] ?? false}
            />
          ))
        )}
        {beats && <span className={classes.order}>{beats} beats each</span>}
        <span className={classes.push} />
        <span className={classes.order}>{order}</span>
        {climb.axes.length > group.length && (
          <ActionIcon
            variant="subtle"
            color="gray"
            size="sm"
            aria-label={`Take out ${title}`}
            onClick={() =>
              dispatch({
                type: 'climb',
                climb: [...group].sort((a, b) => b - a).reduce((made, i) => withoutAxis(made, i), climb),
              })
            }
          >
            <IconX size={15} />
          </ActionIcon>
        )}
      </div>
      <StonePath
        stones={stones}
        height={HEIGHT}
        extra={roomFor(stones)}
        rise={8}
        onPress={(i) =>
          dispatch({
            type: 'start',
            at: at.map((rung, axis) => (group.includes(axis) ? places[i]! : rung)),
          })
        }
      />
    </li>
  );
}
