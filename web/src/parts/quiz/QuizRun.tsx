import { Button, TextInput } from '@mantine/core';
import { useEffect, useRef, useState, type FormEvent } from 'react';
import type { AnswerRequest, Mark, Neck, Question } from '../../api/types';
import { Wrong } from '../../ui/Wrong';
import { HandChoices } from './HandChoices';
import classes from './Quiz.module.css';

interface Props {
  questions: Question[];
  /** For hands on strings. */
  neck?: Neck;
  answer: (form: AnswerRequest) => Promise<Mark>;
  onDone: () => void;
}

/** Questions one after the other: write, see how it was marked, go on. */
export function QuizRun({ questions, neck, answer, onDone }: Props) {
  const [at, setAt] = useState(0);
  const [right, setRight] = useState(0);
  const question = questions[at];
  if (!question) {
    return (
      <div className={classes.end}>
        <p className={classes.question}>
          {right} of {questions.length} right.
        </p>
        <Button size="md" color="moss" onClick={onDone}>
          Ask the next ones
        </Button>
      </div>
    );
  }
  return (
    <Asked
      key={at}
      question={question}
      neck={neck}
      place={`${at + 1} of ${questions.length}`}
      answer={answer}
      onNext={(wasRight) => {
        if (wasRight) setRight(right + 1);
        setAt(at + 1);
      }}
    />
  );
}

interface AskedProps {
  question: Question;
  neck?: Neck;
  place: string;
  answer: (form: AnswerRequest) => Promise<Mark>;
  onNext: (wasRight: boolean) => void;
}

function Asked({ question, neck, place, answer, onNext }: AskedProps) {
  const [written, setWritten] = useState('');
  const [mark, setMark] = useState<Mark>();
  const [wrong, setWrong] = useState<unknown>();
  const [waiting, setWaiting] = useState(false);
  const next = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    if (mark) next.current?.focus();
  }, [mark]);
  const { kind, tonic, form, pitch, choices } = question;
  const give = (given: string) => {
    if (waiting || mark || given.trim() === '') return;
    setWaiting(true);
    setWrong(undefined);
    answer({ kind, tonic, form, pitch, answer: given })
      .then(setMark)
      .catch(setWrong)
      .finally(() => setWaiting(false));
  };
  const submit = (event: FormEvent) => {
    event.preventDefault();
    give(written);
  };
  return (
    <form onSubmit={submit} className={classes.asked}>
      <p className={classes.place}>{place}</p>
      <p className={classes.question}>{question.text}</p>
      {choices.length > 0 ? (
        <HandChoices
          choices={choices}
          neck={neck}
          chosen={written}
          right={mark?.answer}
          still={waiting || mark !== undefined}
          onChoose={(way) => {
            setWritten(way);
            give(way);
          }}
        />
      ) : (
        <TextInput
          size="lg"
          autoFocus
          autoComplete="off"
          autoCapitalize="characters"
          spellCheck={false}
          aria-label="Answer"
          placeholder={kind === 'syllables' ? 'do re mi …' : question.notes ? 'Bb C D …' : 'Bb minor'}
          readOnly={mark !== undefined}
          value={written}
          maxLength={100}
          onChange={(event) => setWritten(event.currentTarget.value)}
        />
      )}
      <div aria-live="polite">
        {mark && (
          <p className={classes.mark} data-right={mark.right}>
            {mark.sentence}
          </p>
        )}
      </div>
      {wrong !== undefined && <Wrong error={wrong} />}
      {mark ? (
        <Button ref={next} size="lg" onClick={() => onNext(mark.right)}>
          Next
        </Button>
      ) : choices.length > 0 ? null : (
        <Button size="lg" type="submit" loading={waiting} disabled={written.trim() === ''}>
          That is it
        </Button>
      )}
    </form>
  );
}
