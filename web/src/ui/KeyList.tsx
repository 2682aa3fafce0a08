import { Kbd } from '@mantine/core';
import classes from './KeyList.module.css';

/** Keys that do the same, and what that is. */
export type KeyLine = [keys: string[], what: string];

/** What keys do, line by line. */
export function KeyList({ lines }: { lines: KeyLine[] }) {
  return (
    <dl className={classes.keys}>
      {lines.map(([names, what]) => (
        <div key={what}>
          <dt>
            {names.map((name) => (
              <Kbd key={name}>{name}</Kbd>
            ))}
          </dt>
          <dd>{what}</dd>
        </div>
      ))}
    </dl>
  );
}
