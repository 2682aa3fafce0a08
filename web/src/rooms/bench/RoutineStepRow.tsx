import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { ActionIcon } from '@mantine/core';
import { IconGripVertical, IconTrash } from '@tabler/icons-react';
import { Stone } from '../../ui/Stone';
import { undoHint } from '../../ui/undo';
import { notes } from '../../ui/words';
import { useBench } from './BenchContext';
import type { BenchStep } from './state';
import classes from './Bench.module.css';

/** One step of the routine: pressed to lie on the bench, gripped to be moved. */
export function RoutineStepRow({ step, at }: { step: BenchStep; at: number }) {
  const { state, dispatch } = useBench();
  const { attributes, listeners, setNodeRef, transform, transition } = useSortable({ id: step.key });
  const open = state.draft.at === at;
  const title = step.document.title || notes(step.document.key.tonic);
  return (
    <li
      ref={setNodeRef}
      data-open={open}
      style={{ transform: CSS.Transform.toString(transform), transition }}
    >
      <button
        type="button"
        className={classes.grip}
        {...attributes}
        {...listeners}
        aria-label={`Move ${title}`}
        aria-roledescription="movable step"
      >
        <IconGripVertical size={15} />
      </button>
      <button
        type="button"
        className={classes.openStep}
        aria-current={open}
        onClick={() => dispatch({ type: 'select', at })}
      >
        <svg width="34" height="30" aria-hidden="true">
          <Stone
            seed={`step ${step.key}`}
            width={open ? 33 : 28}
            height={open ? 23 : 19}
            tone={open ? 'river' : 'sand'}
            x={17}
            y={15}
          />
        </svg>
        <span>
          <strong>{notes(title)}</strong>
          <span>{notes(state.summaries[step.key] ?? 'not saved yet')}</span>
        </span>
      </button>
      {state.draft.steps.length > 1 && (
        <ActionIcon
          variant="subtle"
          color="gray"
          className={classes.putAway}
          aria-label={`Take out ${title}`}
          onClick={() => {
            dispatch({ type: 'remove', at });
            undoHint(`${title} is taken out.`, () => dispatch({ type: 'undo' }));
          }}
        >
          <IconTrash size={16} />
        </ActionIcon>
      )}
    </li>
  );
}
