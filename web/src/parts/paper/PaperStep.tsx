import { useMemo } from 'react';
import type { PassageAsked, PassageDocument } from '../../api/types';
import { tried } from '../../core/answers';
import { Engraving } from '../../notation/Engraving';
import { signs } from '../../ui/signs';
import type { PaperWords } from './words';
import classes from './Paper.module.css';

/** Staves of 7 mm, as printed parts have them, and of 5.6 mm, as small ones have. */
const LARGEST = 0.66;
const SMALL = 0.53;
const NOTHING = { counts: false, degrees: false };

interface NotesProps {
  passage: PassageDocument;
  words: PaperWords;
  /** Drawn smaller, where much shares a page. */
  small?: boolean;
}

/** A passage engraved for the paper, with what stands under its notes. */
export function PaperNotes({ passage, words, small = false }: NotesProps) {
  const under = words === 'none' ? undefined : { ...NOTHING, [words]: true };
  return (
    <div className={classes.notes} data-words={under !== undefined || undefined}>
      <Engraving passage={passage} largest={small ? SMALL : LARGEST} tall words={under} />
    </div>
  );
}

/** Where it lands and what to watch, in words. */
export function watched(passage: PassageDocument): string {
  const slips = passage.stations ? [] : passage.slips.slice(0, 2);
  return [
    passage.landing.sentence,
    ...slips.map(
      (slip) =>
        `${slip.when ? `Going ${slip.when}, play` : 'Play'} ${signs(slip.play)}, not ${signs(slip.not)}.`,
    ),
  ].join(' ');
}

interface Props {
  title: string;
  beside?: string;
  asked: PassageAsked;
  words: PaperWords;
}

/** One step on paper: what it is, its notes, where it lands. */
export function PaperStep({ title, beside, asked, words }: Props) {
  const worked = useMemo(() => tried('passage', asked), [asked]);
  return (
    <section className={classes.item}>
      <h2>
        {title}
        <span>{beside}</span>
        {worked.answer && (
          <em>
            {worked.answer.bars} {worked.answer.bars === 1 ? 'bar' : 'bars'}
          </em>
        )}
      </h2>
      {worked.refused && <p>{worked.refused.message}</p>}
      {worked.answer && (
        <>
          <PaperNotes passage={worked.answer} words={words} />
          <div className={classes.foot}>
            <p>{watched(worked.answer)}</p>
          </div>
        </>
      )}
    </section>
  );
}
