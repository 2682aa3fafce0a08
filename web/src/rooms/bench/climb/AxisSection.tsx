import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { ActionIcon } from '@mantine/core';
import { IconGripVertical, IconX } from '@tabler/icons-react';
import type { AxisView, ClimbAnswer } from '../../../api/types';
import { notes, short } from '../../../ui/words';
import { useBench } from '../BenchContext';
import { AXES, withAxis, withoutAxis } from './climbs';
import { RungFields } from './RungFields';
import { shown } from './shown';
import { StonePath, type PathStone } from './StonePath';
import { TempoFields } from './TempoFields';
import classes from './Climb.module.css';

interface Props {
  id: string;
  /** The axes that move as one, by their places among the axes. */
  group: number[];
  answer: ClimbAnswer;
  /** Which comes first, which then. */
  order: string;
}

const MOST_SHOWN = 14;

/** Whether every rung of a path takes the same beats: what makes octaves grow with the division. */
function sameBeats(axis: AxisView): string | undefined {
  const [first, ...rest] = axis.rungs;
  return rest.length > 0 && rest.every((rung) => rung.beats === first!.beats) ? first!.beats : undefined;
}

/** The axes that move together, as one row of stones; pressing a stone makes it the rung a student starts on. */
export function AxisSection({ id, group, answer, order }: Props) {
  const { step, dispatch } = useBench();
  const { attributes, listeners, setNodeRef, transform, transition } = useSortable({ id });
  const { climb } = step;
  const own = group.flatMap((i) => (answer.axes[i] && climb.axes[i] ? [answer.axes[i]] : []));
  const [lead] = own;
  if (!lead) return null;
  const title = own.map((axis) => AXES[axis.axis]).join(' and ');
  const at = answer.at[group[0]!]!;
  const tempo = lead.axis === 'tempo';
  const beats = group.length > 1 ? sameBeats(lead) : undefined;
  const places = shown(lead.rungs.length, MOST_SHOWN, at);
  const stones = places.map<PathStone>((rung) => {
    const { bpm, notesPerSecond, time, notes: count } = lead.rungs[rung]!;
    const words = own.map((axis) => axis.rungs[rung]?.words ?? '').join(', ');
    return {
      id: `${lead.axis} ${tempo ? bpm : rung} ${step.key}`,
      above: `${notesPerSecond.toFixed(1)}/s`,
      label: tempo ? short(bpm) : notes(words),
      under: time,
      tone: rung === at ? 'river' : rung === lead.rungs.length - 1 ? 'ink' : rung < at ? 'hollow' : 'sand',
      pressed: rung === at,
      name: `${words}: ${short(notesPerSecond)} notes a second, ${count} notes, ${time} a day; start here`,
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
          />
        ) : (
          group.map((axis, i) => (
            <RungFields
              key={climb.axes[axis]!.axis}
              axis={axis}
              rung={answer.at[axis]!}
              start={answer.at}
              acts={i === group.length - 1}
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
        height={group.length > 1 ? 116 : 100}
        rise={8}
        onPress={(i) =>
          dispatch({
            type: 'start',
            at: answer.at.map((rung, axis) => (group.includes(axis) ? places[i]! : rung)),
          })
        }
      />
    </li>
  );
}
