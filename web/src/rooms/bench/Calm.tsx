import { memo, type ReactNode } from 'react';
import { DraftContext, useCalm, WorkedContext } from './BenchContext';
import { Controls } from './Controls';
import { BenchTitle, type TitleProps } from './BenchTitle';
import { LadderPath } from './LadderPath';
import { PulseBar } from './PulseBar';
import { RoutineList } from './RoutineList';

/** Lets what it holds see the step as it was drawn last, where a nudge or a drag has not reached it yet. */
function Calm({ children }: { children: ReactNode }) {
  const { draft, worked } = useCalm();
  return (
    <DraftContext.Provider value={draft}>
      <WorkedContext.Provider value={worked}>{children}</WorkedContext.Provider>
    </DraftContext.Provider>
  );
}

/** The routine, a rendering after the notes. */
export const CalmRoutine = memo(function CalmRoutine() {
  return (
    <Calm>
      <RoutineList />
    </Calm>
  );
});

/** The title, a rendering after the notes. */
export const CalmTitle = memo(function CalmTitle(props: TitleProps) {
  return (
    <Calm>
      <BenchTitle {...props} />
    </Calm>
  );
});

/** What the pulse is made of, a rendering after the notes. */
export const CalmPulseBar = memo(function CalmPulseBar() {
  return (
    <Calm>
      <PulseBar />
    </Calm>
  );
});

/** The ladder, a rendering after the notes. */
export const CalmLadder = memo(function CalmLadder() {
  return (
    <Calm>
      <LadderPath />
    </Calm>
  );
});

/** The controls, a rendering after the notes. */
export const CalmControls = memo(function CalmControls({ onFind }: { onFind: () => void }) {
  return (
    <Calm>
      <Controls onFind={onFind} />
    </Calm>
  );
});
