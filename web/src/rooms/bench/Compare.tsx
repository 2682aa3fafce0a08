import { Button, Modal, NativeSelect } from '@mantine/core';
import { IconPlayerPlayFilled, IconPlayerStopFilled } from '@tabler/icons-react';
import { useState } from 'react';
import type { StepDocument } from '../../api/types';
import { Engraving } from '../../notation/Engraving';
import { useLoop } from '../../sound/useLoop';
import { PulseRibbon } from '../../ui/PulseRibbon';
import { Wrong } from '../../ui/Wrong';
import { useAround, useDraft, useWorked } from './BenchContext';
import { usePassage } from './who';
import classes from './Compare.module.css';

interface Props {
  /** What stands on the other side at first; nothing while it is shut. */
  other?: StepDocument;
  onClose: () => void;
}

/** Two steps side by side, engraved, as pulse and in sound: the one on the bench and another. */
export function Compare({ other, onClose }: Props) {
  return (
    <Modal opened={other !== undefined} onClose={onClose} title="Side by side" size={1180} centered>
      {other && <Sides first={other} />}
    </Modal>
  );
}

function Sides({ first }: { first: StepDocument }) {
  const { step, state } = useDraft();
  const { passage } = useWorked();
  const [chosen, setChosen] = useState('given');
  const choices: { value: string; label: string; document: StepDocument }[] = [
    { value: 'given', label: first.title || 'the other place', document: first },
    ...(passage?.near ?? []).map((near) => ({
      value: near.place,
      label: `the same from ${near.counted}`,
      document: near.step,
    })),
    ...state.draft.steps
      .filter((one) => one.key !== step.key)
      .map((one) => ({
        value: one.key,
        label: one.document.title || one.document.key.tonic,
        document: one.document,
      })),
  ];
  const other = choices.find((choice) => choice.value === chosen) ?? choices[0]!;
  const advice = passage?.near?.find((near) => near.step.rhythm.place === other.document.rhythm.place);
  return (
    <div className={classes.sides}>
      {advice && <p className={classes.advice}>{advice.sentence}</p>}
      <Side document={step.document} head={<h2>{step.document.title || 'On the bench'}</h2>} />
      <Side
        document={other.document}
        head={
          <NativeSelect
            aria-label="The other side"
            value={chosen}
            onChange={(event) => setChosen(event.currentTarget.value)}
            data={choices.map(({ value, label }) => ({ value, label }))}
          />
        }
      />
    </div>
  );
}

function Side({ document, head }: { document: StepDocument; head: React.ReactNode }) {
  const { who } = useAround();
  const { answer: passage, refused } = usePassage(document, who);
  const player = useLoop();
  return (
    <section className={classes.side}>
      <header>
        {head}
        <Button
          size="compact-md"
          variant="default"
          disabled={!passage}
          leftSection={
            player.playing ? <IconPlayerStopFilled size={15} /> : <IconPlayerPlayFilled size={15} />
          }
          onClick={() => (player.playing ? player.stop() : passage && void player.start(passage))}
        >
          {player.playing ? 'Stop' : 'Play'}
        </Button>
      </header>
      {refused && <Wrong error={refused} />}
      {passage && (
        <>
          <div className={classes.paper}>
            <Engraving passage={passage} lights={player.lights} />
          </div>
          {passage.pulse && <PulseRibbon passage={passage} pulse={passage.pulse} lights={player.lights} />}
          <p className={classes.sentence}>{passage.landing.sentence}</p>
        </>
      )}
    </section>
  );
}
