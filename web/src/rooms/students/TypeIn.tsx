import { Button, Group } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import { useState } from 'react';
import { usePaper, useTypeIn } from '../../api/paper';
import type { Student, Tick, TodayItem } from '../../api/types';
import { FormDialog } from '../../ui/FormDialog';
import { Waiting } from '../../ui/Waiting';
import { Wrong } from '../../ui/Wrong';
import { dayOf, isoDay, short, weekdayOf } from '../../ui/words';
import classes from './TypeIn.module.css';

const DAYS = 7;
/** Tempos before the present one that a sheet of last week may have had. */
const BEHIND = 2;
const AHEAD = 4;

/** A week sheet that has come back: its boxes, to be ticked as the pencil did. */
export function TypeIn({ student, onClose }: { student: Student; onClose: () => void }) {
  const [back, setBack] = useState(0);
  const sheet = usePaper(student.id);
  return (
    <FormDialog title={`Type in a sheet: ${student.name}`} onClose={onClose} size="xl">
      {sheet.isPending && <Waiting />}
      {sheet.isError && <Wrong error={sheet.error} again={() => sheet.refetch()} />}
      {sheet.data && (
        <Grid
          key={back}
          student={student}
          items={sheet.data.items.filter((item) => !item.misfit)}
          days={Array.from({ length: DAYS }, (_, i) => isoDay(i - DAYS + 1 - back * DAYS))}
          back={back}
          onBack={setBack}
          onClose={onClose}
        />
      )}
    </FormDialog>
  );
}

interface GridProps {
  student: Student;
  items: TodayItem[];
  days: string[];
  back: number;
  onBack: (weeks: number) => void;
  onClose: () => void;
}

const MOST_BACK = 7;

function Grid({ student, items, days, back, onBack, onClose }: GridProps) {
  const [ticked, setTicked] = useState<ReadonlySet<string>>(new Set());
  const typing = useTypeIn(student.id);
  const toggle = (box: string) =>
    setTicked((now) => {
      const next = new Set(now);
      if (!next.delete(box)) next.add(box);
      return next;
    });
  const ticks = items.flatMap((item) =>
    rungsOf(item).flatMap((bpm) =>
      days
        .filter((day) => ticked.has(boxOf(item, bpm, day)))
        .map<Tick>((day) => ({
          assignment: item.assignmentId,
          bpm,
          played: item.toPlay.here.played,
          day,
        })),
    ),
  );
  const keep = () =>
    typing.mutate(ticks, {
      onSuccess: ({ taken, before }) => {
        notifications.show({
          message:
            `${taken} ${taken === 1 ? 'take is' : 'takes are'} in the log, marked as from paper.` +
            (before > 0 ? ` ${before} had been typed in before.` : ''),
          color: 'moss',
        });
        onClose();
      },
    });
  if (items.length === 0) return <p>Nothing stands on the sheet of today.</p>;
  return (
    <div className={classes.sheet}>
      <Group>
        <Button
          size="compact-md"
          variant="default"
          disabled={back === MOST_BACK}
          onClick={() => onBack(back + 1)}
        >
          The week before
        </Button>
        <span>
          {dayOf(days[0]!)} to {dayOf(days.at(-1)!)}
        </span>
        <Button size="compact-md" variant="default" disabled={back === 0} onClick={() => onBack(back - 1)}>
          The week after
        </Button>
      </Group>
      <div className={classes.table}>
        <table>
          <thead>
            <tr>
              <th />
              <th>tempo</th>
              {days.map((day) => (
                <th key={day}>{weekdayOf(day)}</th>
              ))}
            </tr>
          </thead>
          {items.map((item) => (
            <tbody key={item.assignmentId}>
              {rungsOf(item).map((bpm, i) => (
                <tr key={bpm}>
                  <th scope="row">
                    {i === 0 && (
                      <>
                        <strong>{item.head.key}</strong> {item.head.title}
                      </>
                    )}
                  </th>
                  <td className={classes.tempo}>
                    {item.head.beat} = {short(bpm)}
                  </td>
                  {days.map((day) => {
                    const box = boxOf(item, bpm, day);
                    return (
                      <td key={day}>
                        <input
                          type="checkbox"
                          aria-label={`${item.head.title}, ${short(bpm)}, ${dayOf(day)}`}
                          checked={ticked.has(box)}
                          onChange={() => toggle(box)}
                        />
                      </td>
                    );
                  })}
                </tr>
              ))}
            </tbody>
          ))}
        </table>
      </div>
      {typing.isError && <Wrong error={typing.error} />}
      <Group justify="flex-end">
        <Button variant="default" onClick={onClose}>
          Cancel
        </Button>
        <Button disabled={ticks.length === 0} loading={typing.isPending} onClick={keep}>
          {ticks.length === 1 ? 'Keep 1 take' : `Keep ${ticks.length} takes`}
        </Button>
      </Group>
    </div>
  );
}

/** The tempos around the present one. */
function rungsOf(item: TodayItem): number[] {
  const { rungs, here } = item.toPlay;
  return rungs.slice(Math.max(0, here.rung - BEHIND), here.rung + AHEAD);
}

function boxOf(item: TodayItem, bpm: number, day: string): string {
  return `${item.assignmentId} ${bpm} ${day}`;
}
