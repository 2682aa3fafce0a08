import type { ReactNode } from 'react';
import { Stone } from './Stone';
import classes from './Room.module.css';

/** An empty screen: says what to do first, and offers it. */
export function Empty({ title, children, offer }: { title: string; children: ReactNode; offer?: ReactNode }) {
  return (
    <div className={classes.empty}>
      <svg width="120" height="46" aria-hidden="true">
        <Stone seed={`${title}a`} width={44} height={24} tone="ink" x={26} y={32} />
        <Stone seed={`${title}b`} width={40} height={22} tone="river" x={60} y={24} />
        <Stone seed={`${title}c`} width={36} height={20} tone="moss" x={92} y={14} />
      </svg>
      <h2>{title}</h2>
      <p>{children}</p>
      {offer}
    </div>
  );
}
