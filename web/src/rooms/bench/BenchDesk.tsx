import { notifications } from '@mantine/notifications';
import { NEEDS_STUDIO } from '../../ui/needsStudio';
import { useLocalStorage } from '@mantine/hooks';
import { lazy, Suspense, useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { PassageDocument, StepDocument } from '../../api/types';
import { Engraving, type Words } from '../../notation/Engraving';
import { fingersOf } from '../../notation/fingers';
import { useStays } from './hand/useStays';
import { PedalsOfKey } from '../../ui/hand/PedalsOfKey';
import type { Levels } from '../../sound/mix';
import type { Touch } from '../../notation/touch';
import { useLoop } from '../../sound/useLoop';
import { PulseRibbon } from '../../ui/PulseRibbon';
import { rowHeight } from '../../ui/PulseRow';
import { AssignDialog } from './AssignDialog';
import { useAround, useDraft, usePlacing, useWorked } from './BenchContext';
import { StationPath } from '../../parts/stations/StationPath';
import { ClimbControls } from './climb/ClimbControls';
import { ClimbDesk } from './climb/ClimbDesk';
import { Compare } from './Compare';
import { CalmControls, CalmLadder, CalmPulseBar, CalmRoutine, CalmTitle } from './Calm';
import { LandingCard } from './LandingCard';
import { MaterialBrowser } from './MaterialBrowser';
import { useBenchKeys } from './useBenchKeys';
import { HandPanel } from './hand/HandPanel';
import { PaperSwitch } from './PaperSwitch';
import { SideSwitch } from './SideSwitch';
import classes from './Bench.module.css';

const TakeStep = lazy(async () => ({ default: (await import('./TakeStep')).TakeStep }));

/** Few notes are drawn this much larger, where they have the room. */
const LARGEST = 1.5;

/** The notes of the line in a key of the walk. */
function notesOf(passage: PassageDocument | undefined, station: number | undefined): Touch[] {
  const one = station === undefined ? undefined : passage?.stations?.[station];
  if (!one) return [];
  return Array.from({ length: one.to - one.from + 1 }, (_, i) => ({ index: one.from + i }));
}

/** The bench itself: the routine, the engraved notes with the pulse beneath them, and the controls. */
export function BenchDesk() {
  const { step, state, saving } = useDraft();
  const { passage, refused } = useWorked();
  const { nudge, placeAt, side } = usePlacing();
  const [levels, setLevels] = useLocalStorage<Levels>({
    key: 'bench-levels',
    defaultValue: {},
    getInitialValueInEffect: false,
  });
  const player = useLoop(levels);
  const [assigning, setAssigning] = useState(false);
  const [finding, setFinding] = useState(false);
  const [taking, setTaking] = useState(false);
  const [beside, setBeside] = useState<StepDocument>();
  const [chosen, setWords] = useLocalStorage<Words>({
    key: 'bench-words',
    defaultValue: { counts: false, degrees: false },
    getInitialValueInEffect: false,
  });
  // What was kept before there were hands does not know them.
  const words = useMemo(() => ({ hand: true, ...chosen }), [chosen]);
  const [station, setStation] = useState<number>();
  const [asked, setAsked] = useState<number>();
  const handed = passage?.hand;
  const { player: reader } = useAround().who;
  const mayBeFingered = useStays(passage !== undefined && fingersOf(passage).length > 0, reader);
  const mayBeHanded = useStays(handed !== undefined, reader);
  // The line may have become shorter while a note of it was looked at.
  const note = asked !== undefined && handed?.notes[asked] ? asked : undefined;
  const marked = useMemo(
    () => (note === undefined ? notesOf(passage, station) : [{ index: note }]),
    [passage, station, note],
  );
  const leave = useCallback(() => setAsked(undefined), []);
  const find = useCallback(() => setFinding(true), []);
  const toggle = () => {
    if (player.playing) player.stop();
    else if (passage && !refused) void player.start(passage);
  };
  const assign = async () => {
    if (await saving.flush()) setAssigning(true);
    else if (!navigator.onLine) notifications.show({ message: `${NEEDS_STUDIO} The routine is kept here.` });
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
  const now = useRef({ toggle, assign });
  useEffect(() => {
    now.current = { toggle, assign };
  });
  // What is pressed does what it does by then; the buttons stay the same.
  const press = useMemo(
    () => ({ toggle: () => now.current.toggle(), assign: () => void now.current.assign() }),
    [],
  );
  useBenchKeys({ toggle: press.toggle, assign: press.assign, find });
  return (
    <div className={classes.bench}>
      <CalmRoutine />
      <div className={classes.work} data-refused={refused != null}>
        <CalmTitle
          player={player}
          levels={levels}
          onLevels={setLevels}
          onToggle={press.toggle}
          onAssign={press.assign}
        />
        {passage && side === 'climb' ? (
          <ClimbDesk />
        ) : passage ? (
          <>
            <div className={classes.sideRow}>
              <SideSwitch />
              <PaperSwitch
                words={words}
                hand={mayBeFingered}
                onHow={
                  mayBeHanded
                    ? () => setAsked(note === undefined ? (handed?.hardest[0]?.to ?? 0) : undefined)
                    : undefined
                }
                how={note !== undefined}
                onChange={setWords}
                onCompare={compare}
                onTakeAway={() => setTaking(true)}
              />
            </div>
            <StationPath passage={passage} onPoint={setStation} lights={player.lights} />
            <div
              className={classes.paper}
              data-strings={words.hand && handed?.family === 'frets'}
              tabIndex={0}
              aria-label="Engraved notes"
              role="region"
            >
              <Engraving
                passage={passage}
                lights={player.lights}
                words={words}
                largest={LARGEST}
                marked={marked}
                onTouch={handed ? ({ index, voice }) => voice === undefined && setAsked(index) : undefined}
              />
            </div>
            {passage.pedals && <PedalsOfKey pedals={passage.pedals} />}
            {note !== undefined && <HandPanel note={note} onNote={setAsked} onClose={leave} />}
            {note === undefined && <CalmPulseBar />}
            {note === undefined && passage.pulse && (
              <div
                className={classes.pulse}
                // A walk is long: one row of it is seen at a time, so that the notes keep their room.
                style={passage.stations ? { maxHeight: rowHeight(passage.pulse) } : undefined}
              >
                <PulseRibbon
                  passage={passage}
                  pulse={passage.pulse}
                  onNudge={nudge}
                  onPlace={placeAt}
                  lights={player.lights}
                />
              </div>
            )}
            {note === undefined && (
              <>
                <LandingCard onCompare={(at) => setBeside(passage.near?.[at]?.step)} />
                <CalmLadder />
              </>
            )}
          </>
        ) : (
          <LandingCard onCompare={() => undefined} />
        )}
      </div>
      {side === 'climb' ? <ClimbControls /> : <CalmControls onFind={find} />}
      <Suspense>{taking && <TakeStep onClose={() => setTaking(false)} />}</Suspense>
      <MaterialBrowser opened={finding} onClose={() => setFinding(false)} />
      <Compare other={beside} onClose={() => setBeside(undefined)} />
      <AssignDialog opened={assigning} onClose={() => setAssigning(false)} />
    </div>
  );
}
