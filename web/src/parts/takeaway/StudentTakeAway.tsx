import { Button } from '@mantine/core';
import { useState } from 'react';
import { useKeyPlans } from '../../api/plans';
import type { KeyPlan, Student } from '../../api/types';
import type { FormatId } from './formats';
import { TakeAwayDialog, type Takeable } from './TakeAwayDialog';
import { CalendarPart } from './CalendarPart';
import { FileButton } from './FileButton';
import { archive, table } from './tables';
import { FormDialog } from '../../ui/FormDialog';
import { LetterDialog } from './LetterDialog';
import classes from './Files.module.css';

const PLAYED: FormatId[] = ['musicxml', 'mxl', 'wav', 'midi', 'routine'];

/** What of a student goes into a score or a sound: all of today, and what the key plan brings now. */
function thingsOf(student: Student, plan: KeyPlan | undefined): Takeable[] {
  const things: Takeable[] = [
    { label: 'today’s list', subject: { request: { list: true, student: student.id } } },
  ];
  if (plan) things.push({ label: `week of “${plan.title}”`, subject: { request: { plan: plan.id } } });
  return things;
}

/** Everything of one student that can leave: paper, letter, calendar, tables, and all that is kept. */
export function StudentTakeAway({ student, onClose }: { student: Student; onClose: () => void }) {
  const [writing, setWriting] = useState(false);
  const [files, setFiles] = useState(false);
  const plan = useKeyPlans(student.id).data?.[0];
  if (writing) return <LetterDialog student={student} onClose={onClose} />;
  if (files) return <TakeAwayDialog things={thingsOf(student, plan)} formats={PLAYED} onClose={onClose} />;
  const first = student.name.split(' ')[0]!;
  return (
    <FormDialog title={`Take away: ${student.name}`} onClose={onClose} size="lg">
      <div className={classes.parts}>
        <section className={classes.part} aria-label="Paper and letter">
          <h3>Paper and letter</h3>
          <PaperRow
            label="Week sheet"
            words="Every step in notes, with boxes to tick; one page"
            href={`${student.practicePath}/sheet`}
          />
          <PaperRow
            label="Booklet of keys"
            words="A step that is given, in every key of a set"
            href={`/students/${student.id}/booklet`}
          />
          <PaperRow
            label="Month for the parents"
            words="In plain words, one page"
            href={`/students/${student.id}/report`}
          />
          <div className={classes.row}>
            <span>
              <strong>Letter about the week</strong>
              <small>What to play, what has changed, one thing to watch, the link</small>
            </span>
            <Button size="compact-md" variant="default" onClick={() => setWriting(true)}>
              Write
            </Button>
          </div>
        </section>
        <section className={classes.part} aria-label="Notes and sound">
          <h3>Notes and sound</h3>
          <div className={classes.row}>
            <span>
              <strong>Today’s list{plan && ', or the week of the key plan'}</strong>
              <small>MusicXML, MIDI, or a sound file with the click, for {first}’s instrument</small>
            </span>
            <Button size="compact-md" variant="default" onClick={() => setFiles(true)}>
              Choose
            </Button>
          </div>
        </section>
        <CalendarPart student={student.id} renews />
        <section className={classes.part} aria-label="Tables">
          <h3>Tables for a spreadsheet</h3>
          <FileButton
            label="Takes"
            words="Every take, with tempo, outcome and slips"
            fetched={table('takes', student.id)}
          />
          <FileButton
            label="Standings by key"
            words="How far each key is, and its best tempo"
            fetched={table('standings', student.id)}
          />
          <FileButton
            label="Minutes by day"
            words="Of the last year"
            fetched={table('minutes', student.id)}
          />
          <FileButton
            label="Required scales"
            words="In the columns by which they are read in"
            fetched={table('required', student.id)}
          />
        </section>
        <section className={classes.part} aria-label="Everything">
          <h3>Everything</h3>
          <FileButton
            label="Archive"
            words={`All that is kept about ${first}, to be brought into this or another studio`}
            fetched={archive(student.id)}
          />
        </section>
      </div>
    </FormDialog>
  );
}

interface PaperProps {
  label: string;
  words: string;
  href: string;
}

function PaperRow({ label, words, href }: PaperProps) {
  return (
    <div className={classes.row}>
      <span>
        <strong>{label}</strong>
        <small>{words}</small>
      </span>
      <Button
        size="compact-md"
        variant="default"
        component="a"
        href={href}
        target="_blank"
        rel="noreferrer"
        aria-label={`Open ${label}`}
      >
        Open
      </Button>
    </div>
  );
}
