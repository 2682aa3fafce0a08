import { useLocalStorage } from '@mantine/hooks';
import { useState } from 'react';
import type { Step } from '../../api/types';
import { Engraving, type Words } from '../../notation/Engraving';
import { usePlayer } from '../../sound/usePlayer';
import { PulseRibbon } from '../../ui/PulseRibbon';
import { Waiting } from '../../ui/Waiting';
import { AssignDialog } from './AssignDialog';
import { useBench } from './BenchContext';
import { BenchTitle } from './BenchTitle';
import { Controls } from './Controls';
import { LadderPath } from './LadderPath';
import { LandingCard } from './LandingCard';
import { MaterialBrowser } from './MaterialBrowser';
import { StepShelf } from './StepShelf';
import { useBenchKeys } from './useBenchKeys';
import { useKeeping } from './useKeeping';
import { WordsSwitch } from './WordsSwitch';
import classes from './Bench.module.css';

/** The bench itself: kept steps, the engraved notes with the pulse beneath them, and the controls. */
export function BenchDesk({ steps }: { steps: Step[] }) {
  const { passage, refused, nudge } = useBench();
  const keeping = useKeeping();
  const player = usePlayer();
  const [assigning, setAssigning] = useState(false);
  const [finding, setFinding] = useState(false);
  const [words, setWords] = useLocalStorage<Words>({
    key: 'bench-words',
    defaultValue: { counts: false, degrees: false },
    getInitialValueInEffect: false,
  });
  const toggle = () => {
    if (player.playing) player.stop();
    else if (passage && !refused) void player.start(passage, true);
  };
  const assign = async () => {
    if (await keeping.keep()) setAssigning(true);
  };
  useBenchKeys({
    toggle,
    save: () => void keeping.keep(),
    assign: () => void assign(),
    find: () => setFinding(true),
  });
  return (
    <div className={classes.bench}>
      <StepShelf steps={steps} />
      <div className={classes.work}>
        <BenchTitle keeping={keeping} player={player} onToggle={toggle} onAssign={() => void assign()} />
        {passage ? (
          <>
            <div className={classes.paper} tabIndex={0} aria-label="Engraved notes" role="region">
              <WordsSwitch words={words} onChange={setWords} />
              <Engraving passage={passage} lights={player.lights} words={words} />
            </div>
            {passage.pulse && (
              <div className={classes.pulse}>
                <PulseRibbon passage={passage} pulse={passage.pulse} onNudge={nudge} lights={player.lights} />
              </div>
            )}
            <LandingCard />
            <LadderPath />
          </>
        ) : refused ? (
          <LandingCard />
        ) : (
          <Waiting />
        )}
      </div>
      <Controls onFind={() => setFinding(true)} />
      <MaterialBrowser opened={finding} onClose={() => setFinding(false)} />
      <AssignDialog opened={assigning} onClose={() => setAssigning(false)} />
    </div>
  );
}
