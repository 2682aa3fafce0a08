import { Checkbox, Group, NativeSelect, NumberInput, TextInput } from '@mantine/core';
import type { Instrument, PlayersHand } from '../../api/types';

type Offer = NonNullable<Instrument['hand']>;

interface Props {
  /** What makes sense for the instrument. */
  offer: Offer;
  hand: PlayersHand;
  onChange: (hand: PlayersHand) => void;
}

const AS_USUAL = '';
const MOST_CAPO = 9;
const HORNS = [
  { value: 'double', label: 'double' },
  { value: 'f', label: 'single F' },
  { value: 'b-flat', label: 'single B♭' },
] as const;
const SIZES = [
  { value: 'usual', label: 'a usual hand' },
  { value: 'small', label: 'a small hand' },
] as const;

/** What a student's hand can, and how they like it: only what the instrument asks for. */
export function HandFields({ offer, hand, onChange }: Props) {
  const asks = (trait: Offer['asks'][number]) => offer.asks.includes(trait);
  const set = (change: Partial<PlayersHand>) => onChange({ ...hand, ...change });
  const number = (text: string) => (text === AS_USUAL ? undefined : Number(text));
  if (offer.asks.length === 0) return null;
  return (
    <>
      <Group grow align="end">
        {asks('highest') && (
          <NativeSelect
            label="Highest position"
            value={hand.highest ?? AS_USUAL}
            data={[{ value: AS_USUAL, label: 'as the range needs' }, ...offer.positions]}
            onChange={(event) => set({ highest: event.currentTarget.value || undefined })}
          />
        )}
        {asks('horn') && (
          <NativeSelect
            label="The horn"
            value={hand.horn ?? 'double'}
            data={[...HORNS]}
            onChange={(event) =>
              set({ horn: HORNS.find((one) => one.value === event.currentTarget.value)?.value })
            }
          />
        )}
        {asks('change') && (hand.horn ?? 'double') === 'double' && (
          <TextInput
            label="B♭ side from"
            placeholder="G#4"
            maxLength={4}
            value={hand.change ?? ''}
            onChange={(event) => set({ change: event.currentTarget.value || undefined })}
          />
        )}
        {asks('valves') && (
          <NativeSelect
            label="Valves"
            value={String(hand.valves ?? AS_USUAL)}
            data={[{ value: AS_USUAL, label: 'as usual' }, '3', '4']}
            onChange={(event) => set({ valves: number(event.currentTarget.value) })}
          />
        )}
        {asks('triggers') && (
          <NativeSelect
            label="Triggers"
            value={String(hand.triggers ?? AS_USUAL)}
            data={[{ value: AS_USUAL, label: 'as usual' }, '0', '1', '2']}
            onChange={(event) => set({ triggers: number(event.currentTarget.value) })}
          />
        )}
        {asks('school') && (
          <NativeSelect
            label="The hand goes about"
            value={hand.school ?? AS_USUAL}
            data={[
              { value: AS_USUAL, label: 'as usual for the range' },
              ...offer.schools.map((one) => ({ value: one.id, label: one.words })),
            ]}
            onChange={(event) => set({ school: event.currentTarget.value || undefined })}
          />
        )}
        {asks('size') && (
          <NativeSelect
            label="Reach"
            value={hand.size ?? 'usual'}
            data={[...SIZES]}
            onChange={(event) =>
              set({ size: SIZES.find((one) => one.value === event.currentTarget.value)?.value })
            }
          />
        )}
      </Group>
      {(asks('strings') || asks('capo')) && (
        <Group grow align="end">
          <TextInput
            label="Strings, the first one first"
            placeholder="as usual"
            maxLength={40}
            defaultValue={hand.strings?.join(' ') ?? ''}
            onChange={(event) => {
              const strings = event.currentTarget.value.trim().split(/\s+/).filter(Boolean);
              set({ strings: strings.length > 0 ? strings : undefined });
            }}
          />
          <NumberInput
            label="Capo at fret"
            placeholder="none"
            min={0}
            max={MOST_CAPO}
            value={hand.capo ?? ''}
            onChange={(value) => set({ capo: Number(value) || undefined })}
          />
        </Group>
      )}
      {asks('compensating') && (
        <Checkbox
          label="Compensating valves"
          checked={hand.compensating === true}
          onChange={(event) => set({ compensating: event.currentTarget.checked || undefined })}
        />
      )}
      {asks('left-handed') && (
        <Checkbox
          label="Left-handed: pictures are mirrored"
          checked={hand.leftHanded === true}
          onChange={(event) => set({ leftHanded: event.currentTarget.checked || undefined })}
        />
      )}
    </>
  );
}
