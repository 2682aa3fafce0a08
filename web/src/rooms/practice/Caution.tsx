import { useState } from 'react';
import { isoDay } from '../../ui/words';
import classes from './Practice.module.css';

const KEY = 'pebble-caution';

/** One caution a day, in turn; it never stands in the way. */
export function Caution({ cautions }: { cautions: string[] }) {
  const [open, setOpen] = useState(() => localStorage.getItem(KEY) !== isoDay());
  const caution = cautions[new Date().getDate() % Math.max(1, cautions.length)];
  if (!open || !caution) return null;
  return (
    <p className={classes.caution}>
      {caution}
      <button
        type="button"
        onClick={() => {
          localStorage.setItem(KEY, isoDay());
          setOpen(false);
        }}
      >
        Good
      </button>
    </p>
  );
}
