import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import { SortableContext, sortableKeyboardCoordinates, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { Button, Menu } from '@mantine/core';
import { IconChevronDown, IconCopy, IconPlus, IconRoute } from '@tabler/icons-react';
import { notifications } from '@mantine/notifications';
import { useNavigate } from 'react-router';
import { sentenceOf } from '../../api/client';
import { tried } from '../../core/answers';
import { useArchiveRoutine, useRoutines } from '../../api/routines';
import { undoNote } from '../../ui/undo';
import { useAround, useDraft } from './BenchContext';
import { RoutineMinutes } from './RoutineMinutes';
import { RoutineStepRow } from './RoutineStepRow';
import classes from './Bench.module.css';

/** The steps of the routine in order: chosen by pressing, moved by dragging or with the keyboard. */
export function RoutineList() {
  const { state, step, dispatch } = useDraft();
  const { catalogue, who } = useAround();
  const { steps } = state.draft;
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const place = (key: string | number) => steps.findIndex((one) => one.key === key);
  const makeTour = () => {
    const { answer, refused } = tried('tour', { step: step.document, speech: who.studio.speech });
    if (refused) {
      notifications.show({ message: sentenceOf(refused), color: 'clay' });
      return;
    }
    dispatch({ type: 'add', documents: answer.steps });
    notifications.show({
      message: `${answer.steps.length} displacements, in teaching order.`,
      color: 'moss',
    });
  };
  return (
    <aside className={classes.shelf} aria-label="Steps of the routine">
      <Routines />
      <DndContext
        sensors={sensors}
        collisionDetection={closestCenter}
        onDragEnd={({ active, over }) => {
          if (over && active.id !== over.id)
            dispatch({ type: 'order', from: place(active.id), to: place(over.id) });
        }}
      >
        <SortableContext items={steps.map((one) => one.key)} strategy={verticalListSortingStrategy}>
          <ol>
            {steps.map((one, i) => (
              <RoutineStepRow
                key={one.key}
                id={one.key}
                at={i}
                document={one.document}
                open={state.draft.at === i}
                removable={steps.length > 1}
                dispatch={dispatch}
              />
            ))}
          </ol>
        </SortableContext>
      </DndContext>
      <div className={classes.shelfActs}>
        <Button
          size="compact-xs"
          variant="default"
          leftSection={<IconPlus size={13} />}
          onClick={() =>
            dispatch({ type: 'add', documents: [{ ...catalogue.first.step, key: step.document.key }] })
          }
        >
          Add
        </Button>
        <Button
          size="compact-xs"
          variant="default"
          leftSection={<IconCopy size={15} />}
          onClick={() => dispatch({ type: 'copy' })}
        >
          Copy
        </Button>
        <Button
          size="compact-xs"
          variant="default"
          leftSection={<IconRoute size={15} />}
          title="The places to master with this line, long values first, as steps"
          onClick={makeTour}
        >
          Tour
        </Button>
      </div>
      <RoutineMinutes />
    </aside>
  );
}

/** The routine's name, and the way to the others. */
function Routines() {
  const { state, dispatch } = useDraft();
  const routines = useRoutines();
  const archive = useArchiveRoutine();
  const navigate = useNavigate();
  const putAway = () => {
    const { id } = state;
    if (id === undefined) return;
    archive.mutate(
      { id },
      {
        onSuccess: () => {
          navigate('/bench');
          undoNote('The routine is put away.', () => archive.mutateAsync({ id, restore: true }));
        },
      },
    );
  };
  return (
    <header>
      <input
        aria-label="Routine"
        className={classes.routineTitle}
        maxLength={200}
        placeholder="A new routine"
        value={state.draft.title}
        onChange={(event) => dispatch({ type: 'routineTitle', title: event.currentTarget.value })}
      />
      <Menu position="bottom-end" withinPortal>
        <Menu.Target>
          <Button size="compact-sm" variant="subtle" aria-label="Other routines" px={4}>
            <IconChevronDown size={18} />
          </Button>
        </Menu.Target>
        <Menu.Dropdown>
          <Menu.Item leftSection={<IconPlus size={16} />} onClick={() => navigate('/bench')}>
            A new routine
          </Menu.Item>
          {state.id !== undefined && <Menu.Item onClick={putAway}>Put this one away</Menu.Item>}
          <Menu.Divider />
          {(routines.data?.items ?? []).slice(0, 12).map((routine) => (
            <Menu.Item key={routine.id} onClick={() => navigate(`/bench/${routine.id}`)}>
              {routine.title} · {routine.count} {routine.count === 1 ? 'step' : 'steps'}
            </Menu.Item>
          ))}
        </Menu.Dropdown>
      </Menu>
    </header>
  );
}
