import { Button, FileButton, Group, Textarea } from '@mantine/core';
import { useState } from 'react';
import { plainText } from './plainText';
import classes from './CsvField.module.css';

const MOST_BYTES = 400_000;

interface Props {
  text: string;
  onText: (text: string) => void;
  /** A list as it may look, with its line of column names. */
  example: string;
}

/** A list as comma-separated values: pasted, or from a file that stays on this device until it is read. */
export function CsvField({ text, onText, example }: Props) {
  const [wrong, setWrong] = useState<string>();
  const [told, setTold] = useState<string>();
  const choose = async (file: File | null) => {
    if (!file) return;
    if (file.size > MOST_BYTES) {
      setWrong('This file is too large for a list. Save it as CSV, in parts if need be.');
      return;
    }
    setWrong(undefined);
    const read = plainText(await file.arrayBuffer());
    setTold(
      read.guessed &&
        `${file.name} was read as ${read.guessed}. Look whether names with accents are right; if not, save it as UTF-8.`,
    );
    onText(read.text);
  };
  return (
    <div className={classes.field}>
      <Textarea
        label="The list"
        description="Comma-separated, with a line of column names. Paste it, or choose a file."
        placeholder={example}
        autosize
        minRows={5}
        maxRows={10}
        className={classes.text}
        value={text}
        error={wrong}
        onChange={(event) => onText(event.currentTarget.value)}
      />
      {told && (
        <p className={classes.told} role="status">
          {told}
        </p>
      )}
      <Group>
        <FileButton onChange={choose} accept=".csv,.txt,text/csv,text/plain">
          {(props) => (
            <Button {...props} size="compact-sm" variant="default">
              Choose a file
            </Button>
          )}
        </FileButton>
        <span className={classes.example}>{example.split('\n')[0]}</span>
      </Group>
    </div>
  );
}
