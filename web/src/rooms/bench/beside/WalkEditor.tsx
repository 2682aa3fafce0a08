import { Button, Checkbox, TextInput } from '@mantine/core';
import { useState } from 'react';
import type { WalkPart } from '../../../api/types';
import { useAround, useDraft } from '../BenchContext';
import { Row } from '../Row';
import { ProgressionField } from './ProgressionField';
import { useWays } from './useChoices';
import classes from './beside.module.css';

interface Props {
  walk: WalkPart;
  onChange: (walk: WalkPart) => void;
  onRemove: () => void;
}

const OWN = 'own';
const HOME = 'home';
const CYCLE = 'cycle';
const BARS = [1, 2, 3, 4, 6, 8];

/** What a walk is made of: its keys, its progression, how one key joins the next. */
export function WalkEditor({ walk, onChange, onRemove }: Props) {
  const ways = useWays();
  const { step } = useDraft();
  if (!ways) return null;
  const set = (change: Partial<WalkPart>) => onChange({ ...walk, ...change });
  const order = walk.order ?? (walk.own ? OWN : HOME);
  const count = walk.keys ?? CYCLE;
  const measured = (join: WalkPart['join']) => ways.joins.some((one) => one.join === join && one.measured);
  return (
    <div className={classes.editor}>
      <Row
        label="Keys"
        value={order}
        choices={[
          ...(walk.progression ? [{ value: HOME, label: 'its own key alone' }] : []),
          ...ways.orders.map((one) => ({ value: one.order, label: one.words })),
          { value: OWN, label: 'a list of my own' },
        ]}
        onChange={(value) => {
          const order = value === OWN || value === HOME ? undefined : value;
          const own = value === OWN ? (walk.own ?? [step.document.key.tonic]) : undefined;
          set({ order, own, keys: order ? walk.keys : undefined, thereAndBack: undefined, home: undefined });
        }}
      />
      {walk.own && <OwnKeys own={walk.own} onChange={(own) => set({ own })} />}
      {walk.order && (
        <Row
          label="How many"
          value={String(count)}
          choices={[
            { value: CYCLE, label: 'the whole cycle' },
            ...Array.from({ length: 12 }, (_, i) => ({
              value: String(i + 1),
              label: i === 0 ? '1 key' : `${i + 1} keys`,
            })),
          ]}
          onChange={(value) => set({ keys: value === CYCLE ? undefined : Number(value), home: undefined })}
        />
      )}
      {ways.endings.length > 0 && (
        <Row
          label="Then"
          value={String(ways.endings.findIndex((one) => one.chosen))}
          choices={ways.endings.map((one, i) => ({ value: String(i), label: one.words }))}
          onChange={(at) => {
            const { thereAndBack, home } = ways.endings[Number(at)]!;
            set({ thereAndBack: thereAndBack ?? undefined, home: home ?? undefined });
          }}
        />
      )}
      <ProgressionField
        key={ways.progression ?? ''}
        text={ways.progression ?? ''}
        onRead={(progression) => set({ progression, home: undefined })}
      />
      <Row
        label="Each joins"
        value={walk.join}
        choices={ways.joins.map((one) => ({ value: one.join, label: one.words }))}
        onChange={(join) => set({ join, bars: measured(join) ? walk.bars : undefined })}
      />
      {measured(walk.join) && (
        <Row
          label="Each lasts"
          value={walk.bars == null ? '' : String(walk.bars)}
          choices={[
            { value: '', label: 'as long as its notes' },
            ...BARS.map((n) => ({ value: String(n), label: n === 1 ? '1 bar' : `${n} bars` })),
          ]}
          other={`${walk.bars} bars`}
          onChange={(bars) => set({ bars: bars === '' ? undefined : Number(bars) })}
        />
      )}
      <Row
        label="Signatures"
        value={walk.signatures}
        choices={[
          { value: 'change', label: 'change with the key' },
          { value: 'stay', label: 'the first one stays' },
        ]}
        onChange={(signatures) => set({ signatures })}
      />
      <Checkbox
        size="sm"
        label="A note that two keys share is struck once"
        checked={walk.once === true}
        onChange={(event) => set({ once: event.currentTarget.checked ? true : undefined })}
      />
      <Button size="compact-sm" variant="subtle" color="gray" onClick={onRemove}>
        Stay in its own key
      </Button>
    </div>
  );
}

/** One's own tonics behind the first, as they are typed. */
function OwnKeys({ own, onChange }: { own: string[]; onChange: (own: string[]) => void }) {
  const { tonics } = useAround().catalogue;
  const [text, setText] = useState(own.join(' '));
  const typed = text.split(/[\s,]+/).filter(Boolean);
  const wrong = typed.find((one) => !tonics.includes(one));
  return (
    <TextInput
      size="sm"
      label="Keys behind the first"
      placeholder="Eb A C"
      value={text}
      error={
        typed.length === 0
          ? 'Type at least one key, such as Eb.'
          : wrong && `"${wrong}" is no key here. One of: ${tonics.join(' ')}.`
      }
      onChange={(event) => {
        const value = event.currentTarget.value;
        setText(value);
        const keys = value.split(/[\s,]+/).filter(Boolean);
        if (keys.length > 0 && keys.every((one) => tonics.includes(one))) onChange(keys);
      }}
    />
  );
}
