import { Button, NumberInput } from '@mantine/core';
import { useMemo, useState } from 'react';
import { Wrong } from '../../../ui/Wrong';
import { dayOf, isoDay } from '../../../ui/words';
import { useAround, useDraft, useWorked } from '../BenchContext';
import { tried } from '../../../core/answers';
import { axisOf } from '../../../parts/climbs/climbs';
import { useClimb } from './useClimb';
import classes from './WhatIf.module.css';

const FOUR_WEEKS = 28;

/** What it would come to with more minutes, other steps, or another day; nothing is changed until it is taken over. */
export function WhatIf() {
  const { state, step, dispatch } = useDraft();
  const { student, who, catalogue } = useAround();
  const { bounds } = catalogue;
  const { climbRefused } = useWorked();
  const tempo = axisOf(step.climb, 'tempo');
  const planned = tempo?.scheme?.by;
  const [minutes, setMinutes] = useState(8);
  const [days, setDays] = useState(5);
  const [by, setBy] = useState(isoDay(FOUR_WEEKS));
  const [size, setSize] = useState<number>();
  const stepSize = size ?? planned;
  const { document } = step;
  const climb = useMemo(() => {
    if (size == null || size === planned) return step.climb;
    return (
      tried('climb-edit', { step: document, climb: step.climb, edit: { by: size } }).answer?.climb ??
      step.climb
    );
  }, [document, step.climb, size, planned]);
  const answer = useClimb(step, who, {
    at: state.starts[step.key],
    instead: climb === step.climb ? undefined : climb,
    practice: { minutesADay: minutes, daysAWeek: days, by: by || undefined },
  });
  const prospect = answer.data?.prospect;
  const amount = (
    label: string,
    value: number,
    within: { least: number; most: number },
    set: (value: number) => void,
  ) => (
    <label className={classes.row}>
      {label}
      <NumberInput
        aria-label={label}
        size="xs"
        w={70}
        min={within.least}
        max={within.most}
        clampBehavior="strict"
        value={value}
        onChange={(typed) => typed !== '' && Number(typed) >= within.least && set(Number(typed))}
      />
    </label>
  );
  return (
    <div className={classes.what}>
      {amount('Minutes a day', minutes, bounds.minutes, setMinutes)}
      {amount('Days a week', days, bounds.daysAWeek, setDays)}
      {stepSize != null &&
        amount(
          tempo?.scheme?.type === 'percent' ? 'Steps of %' : 'Steps of bpm',
          stepSize,
          bounds.by,
          setSize,
        )}
      <label className={classes.row}>
        Done by
        <input type="date" value={by} min={isoDay()} onChange={(event) => setBy(event.currentTarget.value)} />
      </label>
      {answer.isError && climbRefused == null && <Wrong error={answer.error} />}
      {prospect && (
        <div className={classes.said} aria-live="polite">
          <p className={classes.done} data-late={(prospect.daysLate ?? 0) > 0}>
            Done {dayOf(prospect.early)} to {dayOf(prospect.late)}
          </p>
          <p>{prospect.sentence}</p>
          <p>
            {answer.data!.ownShare
              ? `${student?.name.split(' ')[0]} plays ${answer.data!.cleanShare} % of takes clean.`
              : `Reckoned with ${answer.data!.cleanShare} % of takes clean.`}
          </p>
        </div>
      )}
      {climb !== step.climb && (
        <Button
          size="compact-sm"
          variant="default"
          onClick={() => {
            dispatch({ type: 'climb', climb });
            setSize(undefined);
          }}
        >
          Take steps of {size}
        </Button>
      )}
    </div>
  );
}
