import { useEffect, useRef } from 'react';
import type { Lights } from '../../sound/lights';
import classes from './Music.module.css';

const DOWN_MS = 130;

/** The foot: it goes down exactly with its beats. */
export function FootCue({ foot }: { foot: Lights }) {
  const sole = useRef<HTMLSpanElement>(null);
  useEffect(() => {
    let timer = 0;
    const stop = foot.subscribe((tap) => {
      window.clearTimeout(timer);
      if (sole.current) sole.current.dataset.down = String(tap !== undefined);
      timer = window.setTimeout(() => {
        if (sole.current) sole.current.dataset.down = 'false';
      }, DOWN_MS);
    });
    return () => {
      stop();
      window.clearTimeout(timer);
    };
  }, [foot]);
  return (
    <span ref={sole} className={classes.footCue} data-down="false" aria-hidden="true">
      <svg width="30" height="34" viewBox="0 0 30 34">
        <path d="M9 3c5-3 12 0 12 7 0 4-2 6-2 10 0 5 1 6 1 8 0 4-3 5-6 5-4 0-6-3-6-7 0-4-2-6-3-11C4 9 5 5 9 3Z" />
      </svg>
      foot
    </span>
  );
}
