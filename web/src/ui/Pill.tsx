import type { ReactNode } from 'react';
import classes from './Pill.module.css';

interface Props {
  pressed: boolean;
  onPress: () => void;
  /** As wide as it may be in a row of equals; as wide as its words without it. */
  even?: boolean;
  children: ReactNode;
}

/** A choice that is on or off. */
export function Pill({ pressed, onPress, even = false, children }: Props) {
  return (
    <button type="button" className={classes.pill} aria-pressed={pressed} data-even={even} onClick={onPress}>
      {children}
    </button>
  );
}
