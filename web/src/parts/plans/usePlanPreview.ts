import { useBenchStudio } from '../../api/bench';
import { useRoutine } from '../../api/routines';
import { useEverybody } from '../../api/students';
import type { KeyPlanRequest } from '../../api/types';
import { useLater } from '../../core/useLater';

/** What each student would meet in a round; worked out in the page from the routine as it is kept. */
export function usePlanPreview(
  plan: Omit<KeyPlanRequest, 'routineId' | 'studentIds'>,
  routineId: number | undefined,
  chosen: number[],
  ready: boolean,
) {
  const routine = useRoutine(routineId);
  const students = useEverybody();
  const studio = useBenchStudio();
  const { order, start, keys, thereAndBack, named, forms, pace, startsOn } = plan;
  const readers = (students.data ?? []).flatMap(({ id, name, level }) => {
    const player = studio.data?.players.find((one) => one.id === id)?.player;
    return chosen.includes(id) && player ? [{ studentId: id, name, level, player }] : [];
  });
  return useLater(
    'plan',
    {
      steps: (routine.data?.steps ?? []).map(({ document, climb }) => ({ document, climb })),
      readers,
      order,
      start,
      keys,
      thereAndBack,
      named,
      forms,
      pace,
      startsOn,
      speech: studio.data?.speech ?? { counting: 'numbers', valueNames: 'american' },
    },
    ready && routine.data !== undefined && readers.length > 0,
  );
}
