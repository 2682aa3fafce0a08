import { Button, Group, Textarea, TextInput } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, Problem } from '../../api/client';
import { useSendLetter, useWeekLetter } from '../../api/letters';
import type { LetterReader, Student, WeekLetter } from '../../api/types';
import { useFile } from './useFile';
import { FormDialog } from '../../ui/FormDialog';
import { Pill } from '../../ui/Pill';
import { Waiting } from '../../ui/Waiting';
import { Wrong } from '../../ui/Wrong';
import classes from './Letter.module.css';

const READERS: { id: LetterReader; name: string }[] = [
  { id: 'student', name: 'to the student' },
  { id: 'parent', name: 'to a parent' },
];

/** The letter about a week: looked over, then copied, saved or sent. */
export function LetterDialog({ student, onClose }: { student: Student; onClose: () => void }) {
  const [reader, setReader] = useState<LetterReader>('student');
  const letter = useWeekLetter(student.id, reader);
  return (
    <FormDialog title={`Letter about the week: ${student.name}`} onClose={onClose} size="lg">
      <div className={classes.readers}>
        {READERS.map((one) => (
          <Pill key={one.id} pressed={one.id === reader} onPress={() => setReader(one.id)}>
            {one.name}
          </Pill>
        ))}
      </div>
      {letter.isPending && <Waiting />}
      {letter.isError && <Wrong error={letter.error} again={() => letter.refetch()} />}
      {letter.data && <Sheet key={reader} student={student} letter={letter.data} onClose={onClose} />}
    </FormDialog>
  );
}

interface SheetProps {
  student: Student;
  letter: WeekLetter;
  onClose: () => void;
}

function Sheet({ student, letter, onClose }: SheetProps) {
  const [to, setTo] = useState(letter.to ?? '');
  const [subject, setSubject] = useState(letter.subject);
  const [text, setText] = useState(letter.text);
  const [copied, setCopied] = useState(false);
  const send = useSendLetter(student.id);
  const file = useFile();
  const refused = send.error instanceof Problem ? send.error : undefined;
  const at = (field: string) => (refused?.pointer === `/${field}` ? refused.sentence : undefined);
  const save = () =>
    file.take(
      async (signal) =>
        (
          await api.POST('/api/exports/eml', {
            body: { student: student.id, to: to || undefined, subject, text },
            signal,
            parseAs: 'stream',
          })
        ).response,
    );
  const sendIt = () =>
    send.mutate(
      { to, subject, text },
      {
        onSuccess: (sent) => {
          notifications.show({
            message: sent.through ? `Sent to ${sent.to}.` : `Put into the mailbox, for ${sent.to}.`,
            color: 'moss',
          });
          onClose();
        },
      },
    );
  return (
    <div className={classes.letter}>
      <TextInput
        type="email"
        label="To"
        placeholder="an e-mail address"
        maxLength={200}
        value={to}
        onChange={(event) => setTo(event.currentTarget.value)}
        error={at('to')}
      />
      <TextInput
        label="Subject"
        maxLength={200}
        value={subject}
        onChange={(event) => setSubject(event.currentTarget.value)}
        error={at('subject')}
      />
      <Textarea
        label="Text"
        autosize
        minRows={8}
        maxRows={11}
        maxLength={8000}
        value={text}
        onChange={(event) => setText(event.currentTarget.value)}
        error={at('text')}
      />
      <p className={classes.way}>
        {letter.through ? (
          `It goes through ${letter.through}.`
        ) : (
          <>
            No mail server is named, so it goes into the <Link to="/letters">mailbox</Link> and to nobody
            else. Copy it, or save it and open it in your mail program.
          </>
        )}
      </p>
      {send.error && !at('to') && !at('subject') && !at('text') && <Wrong error={send.error} />}
      {file.error && <Wrong error={file.error} />}
      <Group justify="flex-end">
        <Button variant="default" onClick={onClose}>
          Cancel
        </Button>
        <Button
          variant="default"
          onClick={() =>
            navigator.clipboard?.writeText(`${subject}\n\n${text}`).then(
              () => setCopied(true),
              () => setCopied(false),
            )
          }
        >
          {copied ? 'Copied' : 'Copy the text'}
        </Button>
        <Button variant="default" loading={file.progress !== undefined} onClick={() => void save()}>
          Save as a file
        </Button>
        <Button disabled={!to} loading={send.isPending} onClick={sendIt}>
          {letter.through ? 'Send' : 'Put into the mailbox'}
        </Button>
      </Group>
    </div>
  );
}
