import { Button } from '@mantine/core';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { api, data } from '../../api/client';
import type { PassageDocument, StepDocument } from '../../api/types';
import type { Rendered } from '../../sound/render';
import { Wrong } from '../../ui/Wrong';
import { FIRST } from './state';
import classes from './SoundCheck.module.css';

const EVERY_BARS = 4;

/** Steps as different as a lesson may change between while it plays. */
function variety(): StepDocument[] {
  const change = (bpm: number, place: string, figure: string[], click: string): StepDocument => ({
    ...FIRST,
    rhythm: { ...FIRST.rhythm, place, figure },
    tempo: { beat: '1/4', bpm },
    metronome: { countInBars: 0, accent: true, click },
  });
  return [
    change(97.5, '0', ['1/12'], 'subdivisions'),
    change(60, '1/16', ['1/4'], 'beats'),
    change(208, '0', ['1/8'], 'beats'),
    change(40, '-1/16', ['1/16'], 'subdivisions'),
    change(72.3, '1/12', ['1/8'], 'beats'),
  ];
}

/** Renders minutes of playing with changes on this machine, without sound, and says how exact the clicks are. */
export function SoundCheck() {
  const [search] = useSearchParams();
  const minutes = Math.min(60, Math.max(1, Number(search.get('minutes')) || 5));
  const [busy, setBusy] = useState(false);
  const [found, setFound] = useState<Rendered>();
  const [error, setError] = useState<unknown>();
  const run = async () => {
    setBusy(true);
    setError(undefined);
    try {
      const passages: PassageDocument[] = await Promise.all(
        variety().map((step) =>
          data(
            api.POST('/api/passages', {
              params: { query: { with: 'clicks,pulse' } },
              body: { step },
            }),
          ),
        ),
      );
      const [{ barsOf }, { render }] = await Promise.all([
        import('../../sound/bars'),
        import('../../sound/render'),
      ]);
      setFound(await render(passages.map(barsOf), minutes * 60, EVERY_BARS));
    } catch (wrong) {
      setError(wrong);
    } finally {
      setBusy(false);
    }
  };
  return (
    <div className={classes.page}>
      <h1>Sound check</h1>
      <p>
        Renders {minutes} minutes of playing on this machine, with tempo, place and clicks changing every four
        bars, and measures each click against its computed time. Nothing is heard.
      </p>
      <Button onClick={() => void run()} loading={busy}>
        Measure
      </Button>
      {error != null && <Wrong error={error} />}
      {found && (
        <p role="status" className={classes.found}>
          {found.clicks} clicks in {minutes} minutes: the furthest {found.worstMs.toFixed(3)} ms from its
          time, drift {found.driftMs.toFixed(4)} ms, {found.missing} missing.
        </p>
      )}
    </div>
  );
}
