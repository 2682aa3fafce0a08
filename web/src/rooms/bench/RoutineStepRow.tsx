import { useSaid } from './useSaid';
import type { StepDocument } from '../../api/types';
import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { ActionIcon } from '@mantine/core';
import { IconGripVertical, IconTrash } from '@tabler/icons-react';
import { memo, type Dispatch } from 'react';
import { Stone } from '../../ui/Stone';
import { undoHint } from '../../ui/undo';
import type { BenchAction } from './state';
import classes from './Bench.module.css';

interface Props {
  id: string;
  at: number;
  document: StepDocument;
  open: boolean;
  /** Whether it can be taken out: a routine keeps one step. */
  removable: boolean;
  dispatch: Dispatch<BenchAction>;
}

/** One step of the routine: pressed to lie on the bench, gripped to be moved. Drawn anew only when it looks different. */
export const RoutineStepRow = memo(function RoutineStepRow(props: Props) {
  const { id, at, document, open, removable, dispatch } = props;
  const said = useSaid(document);
  const title = document.title || (said?.key ?? 'A new step');
  // The key stands in the title or before the rest.
  const rest = said && (document.title ? `${said.key}, ${said.summary}` : said.summary);
  const summary = rest ?? 'cannot be played yet';
  const { attributes, listeners, setNodeRef, transform, transition } = useSortable({ id });
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
            seed={`step ${id}`}
            width={open ? 33 : 28}
            height={open ? 23 : 19}
            tone={open ? 'river' : 'sand'}
            x={17}
            y={15}
          />
        </svg>
        <span>
          <strong>{title}</strong>
          <span>{summary}</span>
        </span>
      </button>
      {removable && (
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
});
