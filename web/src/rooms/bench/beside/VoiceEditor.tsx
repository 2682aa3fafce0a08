import { Button } from '@mantine/core';
import { useInstruments } from '../../../api/instruments';
import type { Instrument, VoicePart } from '../../../api/types';
import { useAround } from '../BenchContext';
import { Row } from '../Row';
import { useWith } from './useChoices';
import classes from './beside.module.css';

interface Props {
  voice: VoicePart;
  onChange: (voice: VoicePart) => void;
  onRemove: () => void;
}

const SAME = 'same';
const MOVES = 'moves';

/** What a further voice is made of. */
export function VoiceEditor({ voice, onChange, onRemove }: Props) {
  const choices = useWith();
  const { catalogue } = useAround();
  if (!choices) return null;
  const set = (change: Partial<VoicePart>) => onChange({ ...voice, ...change });
  const entry = voice.delayNotes != null ? `n${voice.delayNotes}` : (voice.delay ?? '0');
  const named = (one: { delay?: string | null; delayNotes?: number | null }) =>
    one.delayNotes != null ? `n${one.delayNotes}` : (one.delay ?? '0');
  return (
    <div className={classes.editor}>
      <Row
        label="How far"
        value={String(voice.interval)}
        choices={choices.intervals.map((one) => ({ value: String(one.interval), label: one.words }))}
        onChange={(interval) => set({ interval: Number(interval) })}
      />
      <Row
        label="Which way"
        value={voice.degree != null ? String(voice.degree) : voice.mirror ? 'mirror' : MOVES}
        choices={[
          { value: MOVES, label: 'along with the line' },
          { value: 'mirror', label: 'contrary motion' },
          ...choices.degrees.map((degree) => ({ value: String(degree), label: `stays on degree ${degree}` })),
        ]}
        onChange={(way) => {
          const degree = way === MOVES || way === 'mirror' ? undefined : Number(way);
          const stays = degree !== undefined;
          set({
            degree,
            mirror: way === 'mirror' ? true : undefined,
            ...(stays ? { octaves: undefined, span: undefined } : {}),
          });
        }}
      />
      <Row
        label="Comes in"
        value={entry}
        choices={choices.entries.map((one) => ({ value: named(one), label: one.words }))}
        other={`${voice.delay} of a whole note later`}
        onChange={(value) => {
          const chosen = choices.entries.find((one) => named(one) === value);
          if (chosen) set({ delay: chosen.delay ?? undefined, delayNotes: chosen.delayNotes ?? undefined });
        }}
      />
      <Row
        label="In values"
        value={voice.figure?.join(' ') ?? SAME}
        choices={[
          { value: SAME, label: voice.degree != null ? 'held' : 'those of the line' },
          ...catalogue.values.map((one) => ({ value: one.value, label: `even ${one.value}` })),
        ]}
        other="of its own"
        onChange={(value) => set({ figure: value === SAME ? undefined : value.split(' ') })}
      />
      {voice.degree == null && (
        <Row
          label="Range"
          value={voice.octaves == null ? (voice.span == null ? SAME : 'span') : String(voice.octaves)}
          choices={[
            { value: SAME, label: 'that of the line' },
            ...[1, 2, 3, 4].map((n) => ({ value: String(n), label: n === 1 ? '1 octave' : `${n} octaves` })),
          ]}
          other={`${voice.span} notes`}
          onChange={(value) => set({ span: undefined, octaves: value === SAME ? undefined : Number(value) })}
        />
      )}
      <Row
        label="Played by"
        value={voice.by}
        choices={choices.by.map((one) => ({ value: one.by, label: one.words }))}
        onChange={(by) =>
          set({
            by,
            ...(by === 'partner'
              ? {}
              : { instrument: undefined, ownInstrument: undefined, range: undefined }),
          })
        }
      />
      {voice.by === 'partner' && <Partner voice={voice} onChange={onChange} />}
      <Button size="compact-sm" variant="subtle" color="gray" onClick={onRemove}>
        Take this voice away
      </Button>
    </div>
  );
}

/** Whose part it is: a student with instrument and range, or an instrument. */
function Partner({ voice, onChange }: Pick<Props, 'voice' | 'onChange'>) {
  const { students, who } = useAround();
  const instruments = useInstruments();
  const players = new Map(who.studio.players.map((one) => [one.id, one.player]));
  const its = voice.ownInstrument?.id ?? voice.instrument ?? '';
  const people = students.filter((one) => players.has(one.id));
  const person = people.find((one) => {
    const player = players.get(one.id)!;
    return player.instrument.id === its && player.range === voice.range;
  });
  const all = (instruments.data ?? []).filter((one) => !one.archived);
  return (
    <Row
      label="For"
      value={person ? `student ${person.id}` : its}
      choices={[
        { value: '', label: 'concert pitch' },
        ...people.map((one) => ({
          value: `student ${one.id}`,
          label: `${one.name}, ${one.instrument.name}`,
          group: 'students',
        })),
        ...all.map((one) => ({ value: one.id, label: one.name, group: 'instruments' })),
      ]}
      other={voice.ownInstrument?.name}
      onChange={(chosen) => {
        const student = people.find((one) => `student ${one.id}` === chosen);
        const player = student && players.get(student.id);
        const id = player?.instrument.id ?? chosen;
        const own = all.find((one) => one.id === id && one.ownId !== undefined);
        onChange({
          ...voice,
          instrument: own || id === '' ? undefined : id,
          // An instrument that only this studio has goes along whole.
          ownInstrument: own && wholeOf(own),
          range: player?.range,
        });
      }}
    />
  );
}

function wholeOf(instrument: Instrument): NonNullable<VoicePart['ownInstrument']> {
  const { id, name, family, sounds, clefs, firstOctave, comfortable, full } = instrument;
  return { id, name, family, sounds, clefs, firstOctave, comfortable, full } as NonNullable<
    VoicePart['ownInstrument']
  >;
}
