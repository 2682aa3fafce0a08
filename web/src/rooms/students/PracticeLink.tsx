import { Button, Modal, TextInput } from '@mantine/core';
import { useState } from 'react';
import { useRenewLink } from '../../api/students';
import type { Student } from '../../api/types';
import { Wrong } from '../../ui/Wrong';
import classes from './StudentPage.module.css';

/** The student's private link: open, copy, renew. */
export function PracticeLink({ student }: { student: Student }) {
  const renew = useRenewLink();
  const [copied, setCopied] = useState(false);
  const [asking, setAsking] = useState(false);
  const url = window.location.origin + student.practicePath;
  const copy = () =>
    navigator.clipboard?.writeText(url).then(
      () => setCopied(true),
      () => setCopied(false),
    );
  return (
    <section aria-label="Practice link">
      <h2>Practice link</h2>
      <TextInput
        aria-label="Practice link"
        readOnly
        value={url}
        onFocus={(event) => event.currentTarget.select()}
        description="Whoever has it can see and log this student's practice, and nothing else."
        inputWrapperOrder={['input', 'description']}
      />
      <div className={classes.buttons}>
        <Button
          size="compact-md"
          variant="default"
          component="a"
          href={student.practicePath}
          target="_blank"
          rel="noreferrer"
        >
          Open
        </Button>
        <Button
          size="compact-md"
          variant="default"
          component="a"
          href={`${student.practicePath}/sheet`}
          target="_blank"
          rel="noreferrer"
        >
          Week sheet
        </Button>
        <Button size="compact-md" variant="default" onClick={copy}>
          {copied ? 'Copied' : 'Copy'}
        </Button>
        <Button size="compact-md" variant="default" onClick={() => setAsking(true)}>
          Renew
        </Button>
      </div>
      <p className={classes.soft}>
        You and the parents decide how a young player practises; local rules on pupils’ data and on child
        protection come first. Pebble Step is no medical device.
      </p>
      <Modal opened={asking} onClose={() => setAsking(false)} title="Renew the practice link?" centered>
        <p style={{ marginTop: 0 }}>
          The link {student.name} has now stops working at once, and you send the new one. This cannot be
          undone; the log stays.
        </p>
        {renew.isError && <Wrong error={renew.error} />}
        <div className={classes.buttons}>
          <Button
            color="clay"
            loading={renew.isPending}
            onClick={() =>
              renew.mutate(student.id, {
                onSuccess: () => {
                  setAsking(false);
                  setCopied(false);
                },
              })
            }
          >
            Renew the link
          </Button>
          <Button variant="default" onClick={() => setAsking(false)}>
            Keep the old one
          </Button>
        </div>
      </Modal>
    </section>
  );
}
