import type { TodayItem } from '../../api/types';
import { short } from '../../ui/words';
import { Rungs } from './Rungs';
import classes from './What.module.css';

interface Props {
  item: TodayItem;
  bpm: number;
  signature?: string;
  playing: boolean;
  onChoose: (bpm: number) => void;
}

/** What to play: key, signature, line, tempo and rung, and where it stands. */
export function WhatToPlay({ item, bpm, signature, playing, onChoose }: Props) {
  return (
    <section className={classes.what} aria-label="What to play">
      <h1>{item.head.key}</h1>
      {item.why.purpose !== 'learning' && <p className={classes.reason}>{item.why.sentence}</p>}
      {signature && <p className={classes.signature}>{signature}</p>}
      <p className={classes.summary}>
        <span className={classes.titled}>
          <strong>{item.head.title}</strong>
          {item.toPlay.here.beside}
        </span>
        <span className={classes.untitled}>{item.toPlay.here.summary}</span>
      </p>
      <p className={classes.tempo}>
        <span>{item.head.beat} =</span> {short(bpm)} <small>bpm</small>
      </p>
      <Rungs item={item} bpm={bpm} onChoose={onChoose} disabled={playing} />
      <p className={classes.standing} aria-live="polite">
        {item.standing.sentence}
      </p>
    </section>
  );
}
