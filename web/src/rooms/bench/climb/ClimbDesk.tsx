import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type UniqueIdentifier,
} from '@dnd-kit/core';
import { SortableContext, sortableKeyboardCoordinates, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { Button, Menu } from '@mantine/core';
import { IconPlus } from '@tabler/icons-react';
import { Waiting } from '../../../ui/Waiting';
import { Wrong } from '../../../ui/Wrong';
import type { AxisKind, Climb } from '../../../api/types';
import { capital } from '../../../ui/capital';
import { Choose, type Choice } from '../../../ui/Choose';
import { useAround, useDraft, useWorked } from '../BenchContext';
import { SideSwitch } from '../SideSwitch';
import { useGrowth } from './useGrowth';
import { AxisSection } from './AxisSection';
import { ClimbMoves } from './ClimbMoves';
import { inOrder } from '../../../parts/climbs/climbs';
import { ClimbWalk } from './ClimbWalk';
import classes from './Climb.module.css';

const ORDER = ['', 'second', 'third', 'fourth', 'fifth', 'sixth'];
const POLICIES: Choice<Climb['policy']>[] = [
  { value: 'in-turn', label: 'in turn' },
  { value: 'paired', label: 'together' },
  { value: 'teacher-picks', label: 'as you pick' },
];

/** How the step grows: the whole climb as a path, then its axes, each a row of stones. */
export function ClimbDesk() {
  const { state, step, dispatch } = useDraft();
  const { climb: answer, climbRefused } = useWorked();
  const { climb, document } = step;
  const growth = useGrowth(document, climb);
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  // The answer may still be that of the climb before.
  const fits = answer?.axes.length === climb.axes.length && climbRefused == null ? answer : undefined;
  const groups = fits?.levels ?? climb.axes.map((_, i) => [i]);
  const at = fits?.at ?? state.starts[step.key] ?? climb.axes.map(() => 0);
  const ids = groups.map((group) => climb.axes[group[0]!]!.axis);
  const place = (id: UniqueIdentifier) => ids.findIndex((one) => one === id);
  const move = (from: number, to: number) => {
    const order = [...groups];
    const [moved] = order.splice(from, 1);
    order.splice(to, 0, moved!);
    dispatch({ type: 'climb', climb: inOrder(climb, order) });
  };
  const order = (i: number) => {
    if (groups.length < 2) return '';
    if (climb.policy === 'teacher-picks') return i === 0 && ids[0] === 'tempo' ? 'climbed first' : 'you pick';
    return i === 0 ? 'climbed first' : (ORDER[i] ?? '');
  };
  return (
    <section className={classes.desk} aria-label="Climb">
      <div className={classes.policy}>
        <SideSwitch />
        {fits && (
          <span>
            <strong>
              {fits.walk.length} {fits.walk.length === 1 ? 'rung' : 'rungs'}
            </strong>
            , at least {fits.least} and {fits.leastDays} {fits.leastDays === 1 ? 'day' : 'days'}
          </span>
        )}
        <span className={classes.push} />
        {climb.axes.length > 1 && (
          <label>
            axes move{' '}
            <Choose
              label="How axes move"
              value={climb.policy}
              choices={POLICIES}
              onChange={(policy) => dispatch({ type: 'climb', climb: { ...climb, policy } })}
            />
          </label>
        )}
        <AddAxis kinds={growth?.kinds ?? []} />
      </div>
      {climbRefused != null && <Wrong error={climbRefused} />}
      {fits && fits.walk.length > 1 && climb.axes.length > 1 && <ClimbWalk walk={fits.walk} />}
      {fits || climbRefused != null ? (
        <DndContext
          sensors={sensors}
          collisionDetection={closestCenter}
          onDragEnd={({ active, over }) => {
            if (over && active.id !== over.id) move(place(active.id), place(over.id));
          }}
        >
          <SortableContext items={ids} strategy={verticalListSortingStrategy}>
            <ol className={classes.axes}>
              {groups.map((group, i) => (
                <AxisSection
                  key={ids[i]}
                  id={ids[i]!}
                  group={group}
                  answer={fits}
                  at={at}
                  order={order(i)}
                  further={growth?.further ?? []}
                />
              ))}
            </ol>
          </SortableContext>
        </DndContext>
      ) : (
        <Waiting />
      )}
      {fits && <ClimbMoves answer={fits} />}
    </section>
  );
}

/** The axes that the climb does not have yet, and could. */
function AddAxis({ kinds }: { kinds: AxisKind[] }) {
  const { dispatch } = useDraft();
  const { catalogue, who } = useAround();
  const left = catalogue.axes.filter(({ id }) => kinds.includes(id));
  if (left.length === 0) return null;
  return (
    <Menu position="bottom-end" withinPortal>
      <Menu.Target>
        <Button size="compact-sm" variant="default" leftSection={<IconPlus size={14} />}>
          Let it grow by
        </Button>
      </Menu.Target>
      <Menu.Dropdown>
        {left.map(({ id, name }) => (
          <Menu.Item
            key={id}
            onClick={() => dispatch({ type: 'climbEdit', edit: { addAxis: id }, player: who.player })}
          >
            {capital(name)}
          </Menu.Item>
        ))}
      </Menu.Dropdown>
    </Menu>
  );
}
