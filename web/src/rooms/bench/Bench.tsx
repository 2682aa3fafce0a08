import { useEffect, useMemo, useReducer, useRef, useState } from 'react';
import { useParams, useSearchParams } from 'react-router';
import { useCatalogue, usePassage, useStep, useSteps, useStudents } from '../../api/teacher';
import type { Catalogue, PassageDocument, Step, Student } from '../../api/types';
import { Waiting } from '../../ui/Waiting';
import { Wrong } from '../../ui/Wrong';
import { BenchContext, type BenchShared } from './BenchContext';
import { BenchDesk } from './BenchDesk';
import { benchReducer, freshBench } from './state';

/** Loads what the bench needs, then opens it; the address says which step lies on it. */
export function Bench() {
  const { stepId } = useParams();
  const open = stepId === undefined ? undefined : Number(stepId);
  const catalogue = useCatalogue();
  const students = useStudents();
  const steps = useSteps();
  const step = useStep(open);
  const failed = [catalogue, students, steps, step].find((query) => query.isError);
  if (failed) return <Wrong error={failed.error} again={() => failed.refetch()} />;
  if (!catalogue.data || !students.data || !steps.data) return <Waiting />;
  return (
    <OpenBench
      catalogue={catalogue.data}
      students={students.data.items}
      steps={steps.data.items}
      open={open}
      step={step.data}
    />
  );
}

interface Props {
  catalogue: Catalogue;
  students: Student[];
  steps: Step[];
  /** The step the address names; a new one without. */
  open?: number;
  /** The same, once it is here. */
  step?: Step;
}

function OpenBench({ catalogue, students, steps, open, step }: Props) {
  const [search] = useSearchParams();
  const wanted = Number(search.get('for')) || undefined;
  const [state, dispatch] = useReducer(benchReducer, wanted, freshBench);
  const student = students.find((one) => one.id === state.studentId);
  const answer = usePassage(state.document, student?.id);
  const [passage, setPassage] = useState<PassageDocument>();
  useEffect(() => {
    if (answer.data && !answer.isPlaceholderData) setPassage(answer.data);
  }, [answer.data, answer.isPlaceholderData]);

  // Lays the step of the address on the bench, once for each change of the address: what is being made there stays
  // when the same step arrives again after it was kept.
  const lying = useRef<number | undefined>(undefined);
  useEffect(() => {
    lying.current = state.id;
  }, [state.id]);
  useEffect(() => {
    if (open === lying.current) return;
    if (open === undefined) dispatch({ type: 'new' });
    else if (step?.id === open) dispatch({ type: 'load', step });
  }, [open, step]);

  const shared = useMemo<BenchShared>(
    () => ({
      state,
      dispatch,
      catalogue,
      students,
      student,
      passage,
      refused: answer.error,
      nudge: (clicks) => {
        const places = passage?.pulse?.places;
        if (!places) return;
        const now = places.findIndex((place) => place.place === state.document.rhythm.place);
        const attack = passage.pulse!.attacks[0]!;
        // A place between two clicks, left over from other values, moves to the click on that side.
        const from = now >= 0 ? now : places.findIndex((place) => place.x > attack) - (clicks > 0 ? 1 : 0);
        const to = Math.min(places.length - 1, Math.max(0, from + clicks));
        dispatch({ type: 'rhythm', change: { place: places[to]!.place } });
      },
    }),
    [state, catalogue, students, student, passage, answer.error],
  );
  return (
    <BenchContext.Provider value={shared}>
      <BenchDesk steps={steps} />
    </BenchContext.Provider>
  );
}
