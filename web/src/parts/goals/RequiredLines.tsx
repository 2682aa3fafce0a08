import type { ReactNode } from 'react';
import type { Required } from '../../api/types';
import classes from './Required.module.css';

const WORDS: Record<string, string> = {
  met: 'met',
  'on-course': 'on course',
  behind: 'behind',
  begun: 'begun',
  'not-given': 'not given',
};

/** Required scales, each with how it stands. */
export function RequiredLines({
  scales,
  after,
}: {
  scales: Required[];
  after?: (scale: Required) => ReactNode;
}) {
  return (
    <ul className={classes.lines}>
      {scales.map((scale) => (
        <li key={scale.id} data-kind={scale.kind}>
          <span className={classes.kind}>{WORDS[scale.kind] ?? scale.kind}</span>
          <span>
            {scale.words}
            {scale.kind !== 'met' && <span className={classes.soft}>{scale.sentence}</span>}
          </span>
          {after?.(scale)}
        </li>
      ))}
    </ul>
  );
}
