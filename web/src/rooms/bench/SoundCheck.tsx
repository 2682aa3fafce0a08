import { Button } from '@mantine/core';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import type { StepDocument } from '../../api/types';
import type { BarPlan } from '../../sound/bars';
import type { Rendered, RenderedPart } from '../../sound/render';
import { Wrong } from '../../ui/Wrong';
import { answer } from '../../core/answers';
import { WithCore } from '../../ui/WithCore';
import classes from './SoundCheck.module.css';

const EVERY_BARS = 4;
const MOST_MINUTES = 60;
const USUAL_MINUTES = 5;
const LEAST_SECONDS = 10;
const RUN_TEMPOS = [40, 97.5, 208];

function changed(
  first: StepDocument,
  bpm: number,
  place: string,
  figure: string[],
  click: StepDocument['metronome']['click'],
): StepDocument {
  return {
    ...first,
    rhythm: { ...first.rhythm, place, figure },
    tempo: { beat: '1/4', bpm },
    metronome: { countInBars: 1, accent: true, click },
  };
}

/** What is measured: its name, the steps, and whether they are laps of the practice room or changes at the bench. */
interface Check {
  name: string;
  steps: StepDocument[];
  run: boolean;
}

function checksOf(first: StepDocument): Check[] {
  // Steps as different as a lesson may change between while it plays.
  const variety = [
    changed(first, 97.5, '0', ['1/12'], 'subdivisions'),
    changed(first, 60, '1/16', ['1/4'], 'beats'),
    changed(first, 208, '0', ['1/8'], 'beats'),
    changed(first, 40, '-1/16', ['1/16'], 'subdivisions'),
    changed(first, 72.3, '1/12', ['1/8'], 'beats'),
  ];
  // A line of two bars that meets three bars that sound and two that are silent.
  const silent: StepDocument = {
    ...first,
    tempo: { beat: '1/4', bpm: 180 },
    metronome: { countInBars: 1, accent: true, click: 'beats', silent: { sounding: 3, silent: 2 } },
  };
  return [
    { name: 'The bench, changed every four bars', steps: variety, run: false },
    ...RUN_TEMPOS.map((bpm) => ({
      name: `The practice room at ${bpm} bpm in triplets`,
      steps: [changed(first, bpm, '0', ['1/12'], 'subdivisions')],
      run: true,
    })),
    { name: 'The practice room, another tempo each time', steps: variety, run: true },
    { name: 'The practice room, three bars that sound and two silent', steps: [silent], run: true },
  ];
}

/** Onsets of tones are looked at for so long at most: each part is rendered on its own. */
const MOST_TONE_SECONDS = 120;

/** Two voices, chords and a bass over a walk of changes. */
function withCompany(first: StepDocument): StepDocument {
  return {
    ...changed(first, 97.3, '0', ['1/8'], 'beats'),
    line: { ...first.line, octaves: 1 },
    voices: [
      { interval: -3, by: 'company' },
      { interval: -8, by: 'company', delay: '1/2' },
    ],
    walk: {
      progression: [
        { degree: '2', form: 'dorian' },
        { degree: '5', form: 'mixolydian' },
        { degree: '1', form: 'major' },
      ],
      order: 'fourths',
      keys: 3,
      join: 'next-bar',
      signatures: 'change',
    },
    company: { chords: 'broken', bass: true },
  };
}

const AMERICAN = { counting: 'numbers', valueNames: 'american' } as const;

async function plansOf(steps: StepDocument[]): Promise<BarPlan[]> {
  const { barsOf } = await import('../../sound/bars');
  return steps.map((step) => barsOf(answer('passage', { step, speech: AMERICAN, with: ['clicks'] })));
}

/** Renders minutes of playing on this machine, without sound, and says how exact the clicks are. */
export function SoundCheck() {
  return (
    <WithCore>
      <Checks />
    </WithCore>
  );
}

function Checks() {
  const [checks] = useState(() => checksOf(answer('catalogue', {}).first.step));
  const [search] = useSearchParams();
  const asked = Number(search.get('seconds')) || 60 * (Number(search.get('minutes')) || USUAL_MINUTES);
  const seconds = Math.min(60 * MOST_MINUTES, Math.max(LEAST_SECONDS, asked));
  const long = seconds % 60 === 0 ? `${seconds / 60} minutes` : `${seconds} seconds`;
  const [busy, setBusy] = useState(false);
  const [found, setFound] = useState<{ name: string; rendered: Rendered }[]>([]);
  const [beside, setBeside] = useState<RenderedPart[]>([]);
  const [error, setError] = useState<unknown>();
  const measure = async () => {
    setBusy(true);
    setError(undefined);
    setFound([]);
    setBeside([]);
    try {
      const { render, renderTones, loopBars, runBars } = await import('../../sound/render');
      for (const check of checks) {
        const plans = await plansOf(check.steps);
        const due = check.run ? runBars(plans, seconds) : loopBars(plans, seconds, EVERY_BARS);
        const rendered = await render(due, seconds);
        setFound((before) => [...before, { name: check.name, rendered }]);
      }
      const together = await plansOf([withCompany(checks[0]!.steps[0]!)]);
      const most = Math.min(seconds, MOST_TONE_SECONDS);
      setBeside(await renderTones(runBars(together, most), most));
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
        Renders {long} of playing on this machine for each line below, and measures every click against its
        computed time. Nothing is heard.
      </p>
      <Button onClick={() => void measure()} loading={busy}>
        Measure
      </Button>
      {error != null && <Wrong error={error} />}
      <ul
        role="status"
        className={classes.found}
        data-done={found.length === checks.length && beside.length > 0}
      >
        {found.map(({ name, rendered }) => (
          <li key={name}>
            {name}: {rendered.clicks} clicks in {long}, the furthest {rendered.worstMs.toFixed(3)} ms from its
            time, drift {rendered.driftMs.toFixed(4)} ms, {rendered.missing} missing, {rendered.extra} too
            many.
          </li>
        ))}
        {beside.map((one) => (
          <li key={one.part}>
            With chords, bass and two voices, {one.part}: {one.onsets} onsets, the furthest{' '}
            {one.worstSamples.toFixed(2)} samples from its time, {one.missing} missing.
          </li>
        ))}
      </ul>
    </div>
  );
}
