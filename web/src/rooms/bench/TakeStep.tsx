import { TakeAwayDialog, type Takeable } from '../../parts/takeaway/TakeAwayDialog';
import { useAround, useDraft } from './BenchContext';

/** Takes the step away as it lies on the Bench, or the routine as it is kept. */
export function TakeStep({ onClose }: { onClose: () => void }) {
  const { state, step } = useDraft();
  const { student, who } = useAround();
  const { document, climb } = step;
  const routineId = state.id;
  const things: Takeable[] = [
    {
      label: 'this step',
      subject: { request: { step: document, climb, student: student?.id } },
      sound: {
        whose: student?.name,
        speech: who.studio.speech,
        player: who.player,
        pieces: [{ step: document, climb }],
      },
    },
  ];
  if (routineId !== undefined) {
    things.push({
      label: `the whole routine, ${state.draft.steps.length} steps`,
      subject: { request: { routine: routineId, student: student?.id } },
    });
  }
  return <TakeAwayDialog things={things} onClose={onClose} />;
}
