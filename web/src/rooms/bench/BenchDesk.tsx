import { useLocalStorage } from '@mantine/hooks';
import { useCallback, useEffect, useState } from 'react';
import type { StepDocument } from '../../api/types';
import { Engraving, type Words } from '../../notation/Engraving';
import { useLoop } from '../../sound/useLoop';
import { PulseRibbon } from '../../ui/PulseRibbon';
import { AssignDialog } from './AssignDialog';
import { useDraft, usePlacing, useWorked } from './BenchContext';
import { BenchTitle } from './BenchTitle';
import { ClimbControls } from './climb/ClimbControls';
import { ClimbDesk } from './climb/ClimbDesk';
import { Compare } from './Compare';
import { CalmControls, CalmLadder, CalmRoutine } from './Calm';
import { LandingCard } from './LandingCard';
import { MaterialBrowser } from './MaterialBrowser';
import { PulseBar } from './PulseBar';
import { SideSwitch } from './SideSwitch';
import { useBenchKeys } from './useBenchKeys';
import { PaperSwitch } from './PaperSwitch';
import classes from './Bench.module.css';

/** The bench itself: the routine, the engraved notes with the pulse beneath them, and the controls. */
export function BenchDesk() {
  const { step, state, saving } = useDraft();
  const { passage, refused } = useWorked();
  const { nudge, placeAt, side } = usePlacing();
  const player = useLoop();
  const [assigning, setAssigning] = useState(false);
  const [finding, setFinding] = useState(false);
  const [beside, setBeside] = useState<StepDocument>();
  const [words, setWords] = useLocalStorage<Words>({
    key: 'bench-words',
    defaultValue: { counts: false, degrees: false },
    getInitialValueInEffect: false,
  });
  const find = useCallback(() => setFinding(true), []);
  const toggle = () => {
    if (player.playing) player.stop();
    else if (passage && !refused) void player.start(passage);
  };
  const assign = async () => {
    if (await saving.flush()) setAssigning(true);
  };
  const compare = () => {
    const { steps, at } = state.draft;
    setBeside(
      passage?.near?.[0]?.step ?? steps[at + 1]?.document ?? steps[at - 1]?.document ?? step.document,
    );
  };
  // What changes while it plays is heard from the next bar on.
  const { change } = player;
  useEffect(() => {
    if (passage) change(passage);
  }, [passage, change]);
  useBenchKeys({ toggle, assign: () => void assign(), find });
  return (
    <div className={classes.bench}>
      <CalmRoutine />
      <div className={classes.work} data-refused={refused != null}>
        <BenchTitle player={player} onToggle={toggle} onAssign={() => void assign()} />
        {passage && side === 'climb' ? (
          <ClimbDesk />
        ) : passage ? (
          <>
            <div className={classes.sideRow}>
              <SideSwitch />
              <PaperSwitch words={words} onChange={setWords} onCompare={compare} />
            </div>
            <div className={classes.paper} tabIndex={0} aria-label="Engraved notes" role="region">
              <Engraving passage={passage} lights={player.lights} words={words} />
            </div>
            <PulseBar />
            {passage.pulse && (
              <div className={classes.pulse}>
                <PulseRibbon
                  passage={passage}
                  pulse={passage.pulse}
                  onNudge={nudge}
                  onPlace={placeAt}
                  lights={player.lights}
                />
              </div>
            )}
            <LandingCard onCompare={(at) => setBeside(passage.near?.[at]?.step)} />
            <CalmLadder />
          </>
        ) : (
          <LandingCard onCompare={() => undefined} />
        )}
      </div>
      {side === 'climb' ? <ClimbControls /> : <CalmControls onFind={find} />}
      <MaterialBrowser opened={finding} onClose={() => setFinding(false)} />
      <Compare other={beside} onClose={() => setBeside(undefined)} />
      <AssignDialog opened={assigning} onClose={() => setAssigning(false)} />
    </div>
  );
}
