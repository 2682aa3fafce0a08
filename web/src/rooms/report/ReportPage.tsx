import dayjs from 'dayjs';
import { Button } from '@mantine/core';
import { useState } from 'react';
import { useParams } from 'react-router';
import { useReport } from '../../api/lessons';
import type { Report } from '../../api/types';
import { dayOf } from '../../ui/words';
import { Waiting } from '../../ui/Waiting';
import { Wrong } from '../../ui/Wrong';
import { CARE, Paper } from '../../parts/paper/Paper';
import paper from '../../parts/paper/Paper.module.css';
import classes from './Report.module.css';

function monthOf(back: number): string {
  return dayjs().startOf('month').subtract(back, 'month').format('YYYY-MM');
}

/** A month for the parents: one page, in plain words, to print. */
export function ReportPage() {
  const id = Number(useParams().studentId);
  const [back, setBack] = useState(0);
  const report = useReport(id, monthOf(back));
  if (report.isPending) return <Waiting />;
  if (report.isError) return <Wrong error={report.error} again={() => report.refetch()} />;
  return (
    <Paper
      back={{ to: `/students/${id}`, name: `Back to ${report.data.student}` }}
      choices={
        <>
          <Button variant="default" onClick={() => setBack(back + 1)}>
            The month before
          </Button>
          <Button variant="default" disabled={back === 0} onClick={() => setBack(back - 1)}>
            The month after
          </Button>
        </>
      }
      foot={`A little on most days does more than much on one. Practice should never hurt. ${CARE}`}
    >
      <Month report={report.data} />
    </Paper>
  );
}

function Month({ report }: { report: Report }) {
  const most = Math.max(1, ...report.minutes.map((day) => day.minutes));
  return (
    <div className={paper.lines}>
      <header>
        <div>
          <h1>
            {report.student}, {report.month}
          </h1>
          <p>{report.studio}</p>
        </div>
      </header>
      <p className={paper.lead}>{report.practised}</p>
      <ol className={classes.days} aria-label="Minutes by day">
        {report.minutes.map((day) => (
          <li key={day.day} title={`${dayOf(day.day)}: ${day.minutes} minutes`}>
            <span className={classes.pile}>
              <span style={{ height: `${(day.minutes / most) * 100}%` }} />
            </span>
            {Number(day.day.slice(-2))}
          </li>
        ))}
      </ol>
      <Part title="Learned this month" lines={report.learned} />
      <Part title="Growing" lines={report.growing} />
      <Part title="Kept from before" lines={report.kept} />
      <Part title="Ready for the list of required scales" lines={report.required} />
      {report.fromLessons.length > 0 && (
        <section>
          <h2>From the lessons</h2>
          <ul>
            {report.fromLessons.map((one, i) => (
              <li key={i}>
                {dayOf(one.day)}: {one.text}
              </li>
            ))}
          </ul>
        </section>
      )}
    </div>
  );
}

function Part({ title, lines }: { title: string; lines: string[] }) {
  if (lines.length === 0) return null;
  return (
    <section>
      <h2>{title}</h2>
      <ul>
        {lines.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
    </section>
  );
}
