import { TextInput } from '@mantine/core';
import { useState } from 'react';
import type { WalkPart } from '../../../api/types';
import { useWays } from './useChoices';
import classes from './beside.module.css';

interface Props {
  /** The step's own, as it is typed; empty without. */
  text: string;
  onRead: (progression: WalkPart['progression']) => void;
}

/** A progression, checked while it is typed and taken when it is left or Enter is pressed. */
export function ProgressionField({ text, onRead }: Props) {
  const [typed, setTyped] = useState(text);
  const empty = typed.trim() === '';
  const answer = useWays(empty ? undefined : typed);
  const take = () => {
    if (typed === text) return;
    if (empty) onRead(undefined);
    else if (answer?.read) onRead(answer.read.progression);
  };
  return (
    <TextInput
      size="sm"
      label="Progression in each key"
      placeholder="ii V I:2, or Dm7 G7 Cmaj7"
      value={typed}
      error={answer?.refused?.sentence}
      description={answer?.read && <span className={classes.read}>{answer.read.chords.join(' · ')}</span>}
      inputWrapperOrder={['label', 'input', 'description', 'error']}
      onChange={(event) => setTyped(event.currentTarget.value)}
      onBlur={take}
      onKeyDown={(event) => event.key === 'Enter' && take()}
    />
  );
}
