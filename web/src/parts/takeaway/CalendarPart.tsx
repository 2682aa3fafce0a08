import { Button, NativeSelect, NumberInput, TextInput } from '@mantine/core';
import { useState } from 'react';
import { useCalendar, useChangeCalendar, useDayOff, useDayOn, useRenewCalendar } from '../../api/calendar';
import type { CalendarView } from '../../api/types';
import { dayOf, isoDay } from '../../ui/words';
import { Wrong } from '../../ui/Wrong';
import { FileButton } from './FileButton';
import { sizeOf } from './formats';
import { calendar } from './tables';
import classes from './Files.module.css';

interface Props {
  /** Whose calendar; the studio's without. */
  student?: number;
  /** Whether the address may be renewed here. */
  renews: boolean;
}

function counted(count: number, one: string): string {
  return `${count} ${one}${count === 1 ? '' : 's'}`;
}

/** A calendar: as a file, to follow by its private address, and the days without lessons. */
export function CalendarPart({ student, renews }: Props) {
  const asked = useCalendar(student);
  if (asked.isError) return <Wrong error={asked.error} again={() => asked.refetch()} />;
  if (!asked.data) return <p className={classes.note}>One moment …</p>;
  const it = asked.data;
  return (
    <section className={classes.part} aria-label="Calendar">
      <h3>Calendar</h3>
      <FileButton
        label="Calendar file"
        words={`${counted(it.lessons, 'lesson')} a week, ${counted(it.days, 'day')} of practice, ${sizeOf(it.bytes)}`}
        fetched={calendar(student)}
      />
      <Address path={it.path} student={student} renews={renews} />
      {student === undefined && <Times key={it.zone + it.lessonMinutes} calendar={it} />}
      <DaysOff calendar={it} student={student} />
    </section>
  );
}

function Address({ path, student, renews }: { path: string; student?: number; renews: boolean }) {
  const [copied, setCopied] = useState(false);
  const renew = useRenewCalendar(student);
  const address = window.location.origin + path;
  return (
    <>
      <div className={classes.fields}>
        <TextInput
          label="Address to follow in a calendar program"
          readOnly
          value={address}
          onFocus={(event) => event.currentTarget.select()}
          style={{ flex: 1, minWidth: 220 }}
        />
        <Button
          variant="default"
          onClick={() =>
            navigator.clipboard?.writeText(address).then(
              () => setCopied(true),
              () => setCopied(false),
            )
          }
        >
          {copied ? 'Copied' : 'Copy'}
        </Button>
        {renews && (
          <Button variant="default" loading={renew.isPending} onClick={() => renew.mutate()}>
            Renew
          </Button>
        )}
      </div>
      {renew.isError && <Wrong error={renew.error} />}
      <p className={classes.note}>
        Whoever has this address sees these lessons and days of practice, and nothing else.
        {renews && ' Renew it, and the old one answers nothing from then on.'}
      </p>
    </>
  );
}

/** Zones by their names, as the browser knows them; the one that is kept always among them. */
function zones(kept: string): string[] {
  const known = Intl.supportedValuesOf('timeZone');
  return known.includes(kept) ? known : [kept, ...known];
}

/** In which zone lessons are held, and how long they last. */
function Times({ calendar: it }: { calendar: CalendarView }) {
  const change = useChangeCalendar();
  const [zone, setZone] = useState(it.zone);
  const [minutes, setMinutes] = useState<number | string>(it.lessonMinutes);
  const same = zone === it.zone && minutes === it.lessonMinutes;
  return (
    <form
      className={classes.fields}
      onSubmit={(event) => {
        event.preventDefault();
        change.mutate({ zone, lessonMinutes: Number(minutes) });
      }}
    >
      <NativeSelect
        label="Time zone of the lessons"
        data={zones(it.zone)}
        value={zone}
        onChange={(event) => setZone(event.currentTarget.value)}
      />
      <NumberInput
        label="A lesson lasts"
        suffix=" min"
        min={5}
        max={480}
        allowDecimal={false}
        w={130}
        value={minutes}
        onChange={setMinutes}
      />
      <Button type="submit" variant="default" disabled={same} loading={change.isPending}>
        Keep
      </Button>
      {change.isError && <Wrong error={change.error} />}
    </form>
  );
}

/** Days on which there is no lesson: pressed, there is one again. */
function DaysOff({ calendar: it, student }: { calendar: CalendarView; student?: number }) {
  const off = useDayOff();
  const on = useDayOn();
  const [date, setDate] = useState('');
  const shown = student === undefined ? it.off.filter((one) => one.student === undefined) : it.off;
  return (
    <>
      <form
        className={classes.fields}
        onSubmit={(event) => {
          event.preventDefault();
          if (date) off.mutate({ date, student }, { onSuccess: () => setDate('') });
        }}
      >
        <TextInput
          type="date"
          label={student === undefined ? 'No lessons for anybody on' : 'No lesson on'}
          min={isoDay()}
          value={date}
          onChange={(event) => setDate(event.currentTarget.value)}
        />
        <Button type="submit" variant="default" disabled={!date} loading={off.isPending}>
          Add the day
        </Button>
      </form>
      {(off.error ?? on.error) && <Wrong error={(off.error ?? on.error)!} />}
      {shown.length > 0 && (
        <ul className={classes.off} aria-label="Days without lessons">
          {shown.map((one) => (
            <li key={one.id}>
              <button
                type="button"
                aria-label={`There is a lesson on ${dayOf(one.date)} after all`}
                onClick={() => on.mutate(one.id)}
              >
                {dayOf(one.date)} {student !== undefined && one.student === undefined && '(everybody) '}×
              </button>
            </li>
          ))}
        </ul>
      )}
    </>
  );
}
