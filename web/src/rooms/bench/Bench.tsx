import { useLocalStorage } from '@mantine/hooks';
import { useEffect, useMemo, useReducer, useRef, useState } from 'react';
import { useParams, useSearchParams } from 'react-router';
import { useClimb } from '../../api/climbs';
import { useCatalogue, usePassage, usePassagesAhead } from '../../api/passages';
import { useRoutine } from '../../api/routines';
import { useEverybody } from '../../api/students';
import type { Catalogue, PassageDocument, Routine, Student } from '../../api/types';
import { NowhereRoom } from '../../ui/NowhereRoom';
import { Waiting } from '../../ui/Waiting';
import { Wrong } from '../../ui/Wrong';
import {
  type Around,
  AroundContext,
  type Draft,
  DraftContext,
  type Placing,
  PlacingContext,
  type Worked,
  WorkedContext,
} from './BenchContext';
import { BenchDesk } from './BenchDesk';
import { nearest, nudged, type Side, type Snap } from './snapping';
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
  if (landing && fresh) {
    setLanding(false);
    const best = answer.data?.landing.fixes[0];
    if (best) dispatch({ type: 'replace', document: best.step });
  }
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

  const draft = useMemo<Draft>(() => ({ state, step, dispatch, saving }), [state, step, saving]);
  const around = useMemo<Around>(() => ({ catalogue, students, student }), [catalogue, students, student]);
  const worked = useMemo<Worked>(
    () => ({
      passage,
      refused: answer.error,
      fresh,
      land: () => setLanding(true),
      climb: climb.data,
      climbRefused,
    }),
    [passage, answer.error, fresh, climb.data, climbRefused],
  );
  const { place } = step.document.rhythm;
  const placing = useMemo<Placing>(() => {
    const moveTo = (to: string | undefined) => {
      if (to !== undefined && to !== place) dispatch({ type: 'rhythm', change: { place: to } });
    };
    return {
      side,
      setSide,
      snap,
      setSnap,
      nudge: (clicks) => moveTo(nudged(passage, place, clicks, snap)),
      placeAt: (x) => moveTo(nearest(passage, x, snap)),
    };
  }, [side, snap, setSnap, passage, place]);
  return (
    <AroundContext.Provider value={around}>
      <DraftContext.Provider value={draft}>
        <WorkedContext.Provider value={worked}>
          <PlacingContext.Provider value={placing}>
            <BenchDesk />
          </PlacingContext.Provider>
        </WorkedContext.Provider>
      </DraftContext.Provider>
    </AroundContext.Provider>
  );
}
