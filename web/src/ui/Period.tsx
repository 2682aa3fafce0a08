import { useBounds } from '../core/useBounds';
import { Checkbox, NumberInput, TextInput } from '@mantine/core';
import { daysBetween, isoDay, later } from './words';
import classes from './Period.module.css';

const WEEK = 7;
const FIRST_WEEKS = 2;

/** From when until when something is practised; without an end until it is learned. */
export interface Days {
  from: string;
  to?: string;
}

/** Two weeks from today, as most things are given. */
export function firstDays(): Days {
  return { from: isoDay(), to: isoDay(FIRST_WEEKS * WEEK - 1) };
}

interface Props {
  days: Days;
  onChange: (days: Days) => void;
  /** Where it has begun already, its first day stays. */
  begun?: boolean;
}

/** The days of something given: from a day, for some weeks or to a day, or until it is learned. */
export function Period({ days, onChange, begun }: Props) {
  const { from, to } = days;
  const long = to === undefined ? undefined : daysBetween(from, to) + 1;
  const weeks = long !== undefined && long > 0 && long % WEEK === 0 ? long / WEEK : '';
  const setFrom = (day: string) => {
    // As long as before, whenever it begins.
    onChange({ from: day, to: to !== undefined && day && long ? later(day, long - 1) : to });
  };
  return (
    <div className={classes.period}>
      {!begun && (
        <TextInput
          label="From"
          type="date"
          required
          value={from}
          onChange={(event) => setFrom(event.currentTarget.value)}
        />
      )}
      <TextInput
        label="To"
        type="date"
        required={to !== undefined}
        disabled={to === undefined}
        min={from}
        value={to ?? ''}
        onChange={(event) => onChange({ from, to: event.currentTarget.value })}
      />
      <NumberInput
        label="For weeks"
        {...useBounds('weeks')}
        allowDecimal={false}
        disabled={to === undefined}
        value={to === undefined ? '' : weeks}
        onChange={(typed) =>
          Number(typed) >= 1 && onChange({ from, to: later(from, Number(typed) * WEEK - 1) })
        }
      />
      <Checkbox
        className={classes.learned}
        label="Until it is learned"
        checked={to === undefined}
        onChange={(event) =>
          onChange({
            from,
            to: event.currentTarget.checked ? undefined : later(from, FIRST_WEEKS * WEEK - 1),
          })
        }
      />
    </div>
  );
}
