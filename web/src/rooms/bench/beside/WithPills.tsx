import type { VoicePart } from '../../../api/types';
import { useDraft, useWorked } from '../BenchContext';
import { Pill } from './Pill';
import { useWith } from './useChoices';
import { VoiceEditor } from './VoiceEditor';
import classes from './beside.module.css';

const MOST = 4;

/** The further voices, each with what it is made of, and what can be added in one press. */
export function WithPills() {
  const { step, dispatch } = useDraft();
  const { passage } = useWorked();
  const voices = step.document.voices ?? [];
  const set = (others: VoicePart[]) => dispatch({ type: 'voices', voices: others });
  return (
    <>
      {voices.map((voice, i) => {
        const said = passage?.voices?.[i];
        const words = said ? `${said.said}, ${said.who}` : 'another voice';
        return (
          <Pill
            key={i}
            before={i === 0 ? 'with' : 'and'}
            label={words}
            name={`Voice ${i + 1}: ${words}`}
            there
          >
            {(close) => (
              <VoiceEditor
                voice={voice}
                onChange={(other) => set(voices.map((one, at) => (at === i ? other : one)))}
                onRemove={() => {
                  set(voices.filter((_, at) => at !== i));
                  close();
                }}
              />
            )}
          </Pill>
        );
      })}
      {voices.length < MOST && (
        <Pill
          before={voices.length === 0 ? 'with' : undefined}
          label={voices.length === 0 ? 'nothing else' : 'add'}
          name="Add a voice"
          there={false}
        >
          {(close) => (
            <Offers
              onTake={(voice) => {
                set([...voices, voice]);
                close();
              }}
            />
          )}
        </Pill>
      )}
    </>
  );
}

function Offers({ onTake }: { onTake: (voice: VoicePart) => void }) {
  const choices = useWith();
  return (
    <ul className={classes.offers} aria-label="Voices to add">
      {choices?.offers.map((offer) => (
        <li key={offer.name}>
          <button type="button" disabled={offer.refused != null} onClick={() => onTake(offer.voice)}>
            {offer.name}
            {offer.refused != null && <span>{offer.refused}</span>}
          </button>
        </li>
      ))}
    </ul>
  );
}
