import { useLocalStorage } from '@mantine/hooks';
import { useEffect, useMemo, useReducer, useRef, useState } from 'react';
import { useParams, useSearchParams } from 'react-router';
import { useClimb } from '../../api/climbs';
import { useCatalogue, usePassage, usePassagesAhead, useRoutine, useEverybody } from '../../api/teacher';
import type { Catalogue, PassageDocument, PulseDocument, Routine, Student } from '../../api/types';
import { NowhereRoom } from '../../ui/NowhereRoom';
import { Waiting } from '../../ui/Waiting';
import { Wrong } from '../../ui/Wrong';
import { BenchContext, type BenchShared, type Side, type Snap } from './BenchContext';
import { BenchDesk } from './BenchDesk';
import { benchReducer, current, freshBench } from './state';
import { useAutosave } from './useAutosave';

/** Loads what the bench needs, then opens it; the address says which routine lies on it. */
export function Bench() {
  const { routineId } = useParams();
  const open = routineId === undefined ? undefined : Number(routineId);
  return open === undefined || Number.isInteger(open) ? <Loading open={open} /> : <NowhereRoom />;
}

function Loading({ open }: { open?: number }) {
  const catalogue = useCatalogue();
  const students = useEverybody();
  const routine = useRoutine(open);
  const failed = [catalogue, students, routine].find((query) => query.isError);
  if (failed) return <Wrong error={failed.error} again={() => failed.refetch()} />;
  if (!catalogue.data || !students.data) return <Waiting />;
  return <OpenBench catalogue={catalogue.data} students={students.data} open={open} routine={routine.data} />;
}

/** Clicks wider than this are those of triplets. */
const SHORTEST_TRIPLET = 0.07;

interface Props {
  catalogue: Catalogue;
  students: Student[];
  /** The routine the address names; a new one without. */
  open?: number;
  /** The same, once it is here. */
  routine?: Routine;
}

function OpenBench({ catalogue, students, open, routine }: Props) {
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
  const answer = usePassage(step.document, student?.id);
  const [passage, setPassage] = useState<PassageDocument>();
  // Kept while the next one is on its way or refused; set while rendering, so that nothing is drawn twice.
  if (answer.data && !answer.isPlaceholderData && answer.data !== passage) setPassage(answer.data);
  const near = useMemo(
    () =>
      [-1, 1].flatMap((clicks) => {
        const place = nudged(passage, step.document.rhythm.place, clicks, snap);
        if (place === undefined || place === step.document.rhythm.place) return [];
        return [{ ...step.document, rhythm: { ...step.document.rhythm, place } }];
      }),
    [passage, step, snap],
  );
  usePassagesAhead(near, student?.id);
  const fresh = answer.data !== undefined && !answer.isPlaceholderData && !answer.isError;
  // Asked for while the answer is on its way, landing waits for it: a way to land of an older step would undo what was
  // changed since.
  const [landing, setLanding] = useState(false);
  const best = fresh ? answer.data?.landing.fixes[0] : undefined;
  useEffect(() => {
    if (!landing || !fresh) return;
    setLanding(false);
    if (best) dispatch({ type: 'replace', document: best.step });
  }, [landing, fresh, best]);
  const [side, setSide] = useState<Side>('notes');
  const climb = useClimb(step.document, step.climb, { student: student?.id, at: state.starts[step.key] });
  // What is wrong with the notes is said there; the climb has only its own faults to tell.
  const climbRefused = answer.isError ? undefined : climb.error;
  const saving = useAutosave(state, dispatch, answer.isError || climb.isError);

  // Lays the routine of the address on the bench, once for each change of the address: what is being made there stays
  // when the same routine arrives again after it was kept.
  const lying = useRef<number | undefined>(undefined);
  useEffect(() => {
    lying.current = state.id;
  }, [state.id]);
  useEffect(() => {
    if (open === lying.current) return;
    if (open === undefined) dispatch({ type: 'new' });
    else if (routine?.id === open) dispatch({ type: 'load', routine, stepId });
  }, [open, routine, stepId]);

  const shared = useMemo<BenchShared>(
    () => ({
      state,
      step,
      dispatch,
      saving,
      catalogue,
      students,
      student,
      passage,
      refused: answer.error,
      climb: climb.data,
      climbRefused,
      side,
      setSide,
      fresh,
      land: () => setLanding(true),
      snap,
      setSnap,
      nudge: (clicks) => {
        const place = nudged(passage, step.document.rhythm.place, clicks, snap);
        if (place !== undefined) dispatch({ type: 'rhythm', change: { place } });
      },
      placeAt: (x) => {
        const place = nearest(passage, x, snap);
        if (place !== undefined && place !== step.document.rhythm.place)
          dispatch({ type: 'rhythm', change: { place } });
      },
    }),
    [
      state,
      step,
      saving,
      catalogue,
      students,
      student,
      passage,
      answer.error,
      climb.data,
      climbRefused,
      side,
      fresh,
      snap,
      setSnap,
    ],
  );
  return (
    <BenchContext.Provider value={shared}>
      <BenchDesk />
    </BenchContext.Provider>
  );
}

/** The places of a division: of the figure's own clicks, where none is chosen. */
function snapped(pulse: PulseDocument, snap: Snap) {
  const grid = snap !== 'clicks' ? snap : pulse.click < SHORTEST_TRIPLET ? 'sixteenths' : 'triplets';
  return pulse.places.filter((place) => place.grids.includes(grid));
}

function nearest(passage: PassageDocument | undefined, x: number, snap: Snap): string | undefined {
  if (!passage?.pulse) return undefined;
  const [first, ...rest] = snapped(passage.pulse, snap);
  if (!first) return undefined;
  return rest.reduce((best, place) => (Math.abs(place.x - x) < Math.abs(best.x - x) ? place : best), first)
    .place;
}

/** The place so many places of a division away; from between two of them first to the next on that side. */
function nudged(
  passage: PassageDocument | undefined,
  from: string,
  clicks: number,
  snap: Snap,
): string | undefined {
  const pulse = passage?.pulse;
  if (!pulse) return undefined;
  const places = snapped(pulse, snap);
  const own = pulse.places.find((place) => place.place === from);
  const x = own?.x ?? pulse.attacks[0]!;
  const exact = places.findIndex((place) => place.place === from);
  const at = exact >= 0 ? exact : places.findIndex((place) => place.x > x) - (clicks > 0 ? 1 : 0);
  return places[Math.min(places.length - 1, Math.max(0, at + clicks))]?.place;
}
