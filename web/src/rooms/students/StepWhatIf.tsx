import { useBounds } from '../../core/useBounds';
import { Button, NumberInput, TextInput } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import { useChangeClimb, useGoal } from '../../api/climbs';
import type { Climb, StepForecast, WhatIf } from '../../api/types';
import { Wrong } from '../../ui/Wrong';
import { dayOf, isoDay } from '../../ui/words';
import { answer } from '../../core/answers';
import classes from './StepPage.module.css';

interface Props {
  step: StepForecast;
  what: WhatIf;
  onChange: (what: WhatIf) => void;
  wrong: unknown;
}

/** The climb in steps of another size. */
const withStep = (climb: Climb, by: number) => answer('climb-edit', { climb, edit: { by } }).climb;

/** What would be with other minutes, steps, tempo or day. Nothing is kept until it is taken over. */
export function StepWhatIf({ step, what, onChange, wrong }: Props) {
  const goal = useGoal();
  const changeClimb = useChangeClimb();
  const byBounds = useBounds('by');
  const practice = what.practice ?? {};
  const { forecast, prospect } = step;
  const top = step.climb.axes.find((axis) => axis.axis === 'tempo');
  const bpm = what.bpm ?? forecast?.bpm ?? top?.to ?? step.now.here.bpm;
  const by = practice.by ?? forecast?.date ?? '';
  const size = top?.scheme?.by;
  const set = (change: Partial<WhatIf>) => onChange({ ...what, ...change });
  const asked = what.bpm != null || practice.by != null;
  const keepGoal = () =>
    by &&
    goal.mutate(
      { id: step.assignmentId, goal: { bpm, date: by } },
      {
        onSuccess: () => {
          set({ bpm: undefined, practice: { ...practice, by: undefined } });
          notifications.show({ message: `The goal is ${bpm} bpm by ${dayOf(by)}.`, color: 'moss' });
        },
      },
    );
  const dropGoal = () => goal.mutate({ id: step.assignmentId, goal: undefined });
  const keepClimb = (climb: Climb) =>
    changeClimb.mutate(
      { id: step.assignmentId, climb },
      {
        onSuccess: () => {
          set({ climb: undefined });
          notifications.show({
            message: 'The climb is changed; the nearest rung that is not harder is kept.',
            color: 'moss',
          });
        },
      },
    );
  return (
    <aside className={classes.side} aria-label="What if">
      <h2>Goal</h2>
      <NumberInput
        label="Tempo, bpm"
        {...useBounds('bpm')}
        decimalScale={1}
        clampBehavior="blur"
        value={bpm}
        onChange={(value) => Number(value) > 0 && set({ bpm: Number(value) })}
      />
      <TextInput
        label="Day"
        type="date"
        min={isoDay(1)}
        value={by}
        onChange={(event) => set({ practice: { ...practice, by: event.currentTarget.value || undefined } })}
      />
      <div className={classes.buttons}>
        {asked && (
          <Button size="compact-md" disabled={!by} loading={goal.isPending} onClick={keepGoal}>
            Make it the goal
          </Button>
        )}
        {forecast && !asked && (
          <Button size="compact-md" variant="subtle" color="gray" onClick={dropGoal}>
            No goal
          </Button>
        )}
      </div>
      <h2>What if</h2>
      <NumberInput
        label="Minutes a day"
        {...useBounds('minutes')}
        clampBehavior="strict"
        value={practice.minutesADay ?? step.reckoned.minutesADay}
        onChange={(value) =>
          Number(value) >= 1 && set({ practice: { ...practice, minutesADay: Number(value) } })
        }
      />
      <NumberInput
        label="Days a week"
        {...useBounds('daysAWeek')}
        clampBehavior="strict"
        value={practice.daysAWeek ?? Math.round(step.reckoned.daysAWeek)}
        onChange={(value) =>
          Number(value) >= 1 && set({ practice: { ...practice, daysAWeek: Number(value) } })
        }
      />
      {size != null && (
        <NumberInput
          label={top?.scheme?.type === 'percent' ? 'Steps of, %' : 'Steps of, bpm'}
          {...byBounds}
          decimalScale={1}
          clampBehavior="blur"
          value={size}
          onChange={(value) => Number(value) > 0 && set({ climb: withStep(step.climb, Number(value)) })}
        />
      )}
      {wrong != null && <Wrong error={wrong} />}
      {prospect && (
        <p className={classes.prospect} aria-live="polite">
          The whole climb: {prospect.sentence}
        </p>
      )}
      <p className={classes.soft}>
        {step.reckoned.ownShare
          ? `${step.reckoned.cleanShare} % of the takes of this step are clean.`
          : `Reckoned with ${step.reckoned.cleanShare} % of takes clean.`}
      </p>
      {what.climb && (
        <Button
          size="compact-md"
          variant="default"
          loading={changeClimb.isPending}
          onClick={() => keepClimb(what.climb!)}
        >
          Change the climb
        </Button>
      )}
      {goal.isError && <Wrong error={goal.error} />}
      {changeClimb.isError && <Wrong error={changeClimb.error} />}
    </aside>
  );
}
