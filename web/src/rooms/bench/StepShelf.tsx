import { ActionIcon, Button } from '@mantine/core';
import { IconArchive, IconPlus } from '@tabler/icons-react';
import { useNavigate } from 'react-router';
import { useArchiveStep } from '../../api/teacher';
import type { Step } from '../../api/types';
import { Stone } from '../../ui/Stone';
import { undoNote } from '../../ui/undo';
import { notes } from '../../ui/words';
import { useBench } from './BenchContext';
import classes from './Bench.module.css';

function intoView(element: HTMLElement | null) {
  element?.scrollIntoView({ block: 'nearest' });
}

/** The kept steps, newest first. */
export function StepShelf({ steps }: { steps: Step[] }) {
  const { state, dispatch } = useBench();
  const navigate = useNavigate();
  const archive = useArchiveStep();
  const fresh = () => {
    if (state.id === undefined) dispatch({ type: 'new' });
    else navigate('/bench');
  };
  const putAway = (step: Step) =>
    archive.mutate(
      { id: step.id },
      {
        onSuccess: () => {
          if (state.id === step.id) navigate('/bench');
          undoNote(`“${notes(step.title)}” is put away.`, () =>
            archive.mutateAsync({ id: step.id, restore: true }),
          );
        },
      },
    );
  return (
    <aside className={classes.shelf} aria-label="Kept steps">
      <header>
        <h2>Steps</h2>
        <Button size="compact-md" variant="default" leftSection={<IconPlus size={15} />} onClick={fresh}>
          New
        </Button>
      </header>
      {steps.length === 0 && <p className={classes.soft}>Nothing kept yet. Build a step and save it.</p>}
      <ul>
        {steps.map((step) => (
          <li key={step.id} data-open={step.id === state.id}>
            <button
              type="button"
              className={classes.openStep}
              aria-current={step.id === state.id}
              ref={step.id === state.id ? intoView : undefined}
              onClick={() => navigate(`/bench/${step.id}`)}
            >
              <svg width="46" height="32" aria-hidden="true">
                <Stone
                  seed={`step ${step.id}`}
                  width={step.id === state.id ? 44 : 38}
                  height={step.id === state.id ? 28 : 24}
                  tone={step.id === state.id ? 'river' : 'sand'}
                  x={23}
                  y={16}
                />
              </svg>
              <span>
                <strong>{notes(step.title)}</strong>
                <span>{notes(step.summary)}</span>
              </span>
            </button>
            <ActionIcon
              variant="subtle"
              color="gray"
              className={classes.putAway}
              aria-label={`Put away ${step.title}`}
              onClick={() => putAway(step)}
            >
              <IconArchive size={17} />
            </ActionIcon>
          </li>
        ))}
      </ul>
    </aside>
  );
}
