import { useEffect, useState } from 'react';
import type { Pedals } from '../../api/types';
import type { Lights } from '../../sound/lights';
import { PedalsOfKey } from '../../ui/hand/PedalsOfKey';
import { signs } from '../../ui/signs';
import classes from './HandToCome.module.css';

interface Props {
  pedals: Pedals;
  lights: Lights;
  playing: boolean;
}

/** The pedals of the key before the start; while it plays, the pedal that moves next. It stands in one place while it changes. */
export function PedalsToCome({ pedals, lights, playing }: Props) {
  const [sounding, setSounding] = useState<number>();
  useEffect(
    () =>
      lights.subscribe((index, voice) => {
        if (voice === undefined) setSounding(index);
      }),
    [lights],
  );
  const next = playing ? pedals.changes.find((change) => change.note > (sounding ?? -1)) : undefined;
  return (
    <section className={classes.hand} aria-label="Your pedals">
      <div className={classes.key} tabIndex={0} role="region" aria-label="The pedals of the key">
        <PedalsOfKey pedals={pedals} />
        <p aria-live="off">
          {next && (
            <>
              <strong>Next: {signs(next.to)}</strong>, note {next.note + 1}
            </>
          )}
        </p>
      </div>
    </section>
  );
}
