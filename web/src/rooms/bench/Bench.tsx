import { useLocalStorage } from '@mantine/hooks';
import { useDeferredValue, useEffect, useMemo, useReducer, useRef, useState } from 'react';
import { useParams, useSearchParams } from 'react-router';
import { useBenchStudent, useBenchStudio } from '../../api/bench';
import { useRoutine } from '../../api/routines';
import { useEverybody } from '../../api/students';
import type { BenchStudio, Catalogue, PassageDocument, Routine, Snap, Student } from '../../api/types';
import { answer as coreAnswer } from '../../core/answers';
import { useCatalogue } from '../../core/useCatalogue';
import { keepTheBench } from '../../keep/serviceWorker';
import { store } from '../../keep/store';
import { NowhereRoom } from '../../ui/NowhereRoom';
import { Waiting } from '../../ui/Waiting';
import { WithCore } from '../../ui/WithCore';
import { Wrong } from '../../ui/Wrong';
import {
  type Around,
  AroundContext,
  CalmContext,
  type Draft,
  DraftContext,
  type Placing,
  PlacingContext,
  type Side,
  type Worked,
  WorkedContext,
} from './BenchContext';
import { BenchDesk } from './BenchDesk';
import { useHanded } from './hand/useHanded';
import { useClimb } from './climb/useClimb';
import { benchReducer, current, freshBench, isPlaced } from './state';
import { useAutosave } from './useAutosave';
import { useOthersHeld } from './useHeld';
import { usePassage, type Who } from './who';

const AFTER_FIRST_VIEW_MS = 2_000;

/** Loads what the bench needs, then opens it; the address says which routine lies on it. */
export function Bench() {
  const { routineId } = useParams();
  const open = routineId === undefined ? undefined : Number(routineId);
  return open === undefined || Number.isInteger(open) ? (
    <WithCore>
      <Loading open={open} />
    </WithCore>
  ) : (
    <NowhereRoom />
  );
}

function Loading({ open }: { open?: number }) {
  const catalogue = useCatalogue();
  const students = useEverybody();
  const studio = useBenchStudio();
  const routine = useRoutine(open);
  const failed = [catalogue, students, studio, routine].find((query) => query.isError && !query.data);
  if (failed) return <Wrong error={failed.error} again={() => failed.refetch()} />;
  if (!catalogue.data || !students.data || !studio.data) return <Waiting />;
  return (
    <OpenBench
      catalogue={catalogue.data}
      students={students.data}
      studio={studio.data}
      open={open}
      // What was seen last is changed only where nothing newer can be had.
      routine={routine.isFetching ? undefined : routine.data}
    />
  );
}

interface Props {
  catalogue: Catalogue;
  students: Student[];
  studio: BenchStudio;
  /** The routine the address names; a new one without. */
  open?: number;
  /** The same, once it is here. */
  routine?: Routine;
}

function OpenBench({ catalogue, students, studio, open, routine }: Props) {
  const [search] = useSearchParams();
  const wanted = Number(search.get('for')) || undefined;
  const stepId = Number(search.get('step')) || undefined;
  const [state, dispatch] = useReducer(benchReducer, wanted, freshBench);
  const [snap, setSnap] = useLocalStorage<Snap>({
    key: 'bench-snap',
    defaultValue: 'clicks',
    getInitialValueInEffect: false,
  });
  const step = current(state);
  const student = students.find((one) => one.id === state.studentId);
  const known = useBenchStudent(student?.id).data;
  const who = useMemo<Who>(
    () => ({ studio, player: studio.players.find((one) => one.id === student?.id)?.player, student: known }),
    [studio, student, known],
  );
  const { answer: bare, refused } = usePassage(step.document, who);
  const answer = useHanded(bare, step.document, who);
  const [passage, setPassage] = useState<PassageDocument>();
  // Kept while the next one is refused; set while rendering, so that nothing is drawn twice.
  if (answer && answer !== passage) setPassage(answer);
  const { key, line, rhythm } = step.document;
  const bars = passage?.bars ?? 1;
  const choices = useMemo(
    () => coreAnswer('choices', { key, line, meter: rhythm.meter, bars, speech: studio.speech }),
    [key, line, rhythm.meter, bars, studio],
  );
  const [side, setSide] = useState<Side>('notes');
  const climb = useClimb(useDeferredValue(step), who, { at: state.starts[step.key] });
  // What is wrong with the notes is said there; the climb has only its own faults to tell.
  const climbRefused = refused ? undefined : climb.error;
  const saving = useAutosave(state, dispatch, refused !== undefined || climb.isError);

  // Lays the routine of the address on the bench, once for each change of the address: what is being made there stays
  // when the same routine arrives again after it was kept.
  // What this device holds of it, and the studio does not, comes before what the studio has.
  const lying = useRef<number | 'new' | undefined>(undefined);
  // Nothing can be changed before it is known what lies here.
  const [laid, setLaid] = useState(false);
  useEffect(() => {
    if (state.id !== undefined) lying.current = state.id;
  }, [state.id]);
  useEffect(() => {
    if ((open ?? 'new') === lying.current) return;
    const first = lying.current === undefined;
    let left = false;
    void store()
      .then((kept) => kept.held(open))
      .catch(() => undefined)
      .then((held) => {
        if (left) return;
        if (held) dispatch({ type: 'restore', held });
        else if (open === undefined && !first) dispatch({ type: 'new' });
        else if (open !== undefined && routine?.id === open) dispatch({ type: 'load', routine, stepId });
        else if (open !== undefined) return;
        lying.current = open ?? 'new';
        setLaid(true);
      });
    return () => {
      left = true;
    };
  }, [open, routine, stepId]);
  useOthersHeld(open);
  useEffect(() => {
    const timer = setTimeout(() => void keepTheBench(), AFTER_FIRST_VIEW_MS);
    return () => clearTimeout(timer);
  }, []);

  const draft = useMemo<Draft>(() => ({ state, step, dispatch, saving }), [state, step, saving]);
  const around = useMemo<Around>(
    () => ({ catalogue, students, student, who }),
    [catalogue, students, student, who],
  );
  const worked = useMemo<Worked>(
    () => ({
      passage,
      refused,
      choices,
      land: () => {
        const best = answer?.landing.fixes[0];
        if (best) dispatch({ type: 'replace', document: best.step });
      },
      climb: climb.data,
      climbRefused,
    }),
    [passage, answer, refused, choices, climb.data, climbRefused],
  );
  const placing = useMemo<Placing>(
    () => ({
      side,
      setSide,
      snap,
      setSnap,
      nudge: (by) => dispatch({ type: 'edit', edit: { nudge: { by, snap } } }),
      placeAt: (x, drag) => dispatch({ type: 'edit', edit: { near: { x, snap } }, drag }),
    }),
    [side, snap, setSnap],
  );
  // What stands around the notes follows a nudge or a drag one rendering later, so that the pebbles stay under the finger.
  const both = useMemo(() => ({ draft, worked }), [draft, worked]);
  const later = useDeferredValue(both);
  const calm = isPlaced(state) ? later : both;
  if (!laid) return <Waiting />;
  return (
    <AroundContext.Provider value={around}>
      <CalmContext.Provider value={calm}>
        <DraftContext.Provider value={draft}>
          <WorkedContext.Provider value={worked}>
            <PlacingContext.Provider value={placing}>
              <BenchDesk />
            </PlacingContext.Provider>
          </WorkedContext.Provider>
        </DraftContext.Provider>
      </CalmContext.Provider>
    </AroundContext.Provider>
  );
}
