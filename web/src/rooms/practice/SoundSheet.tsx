import { Modal } from '@mantine/core';
import { useNetwork } from '@mantine/hooks';
import type { ReactNode } from 'react';
import { OwnCalendar } from './OwnCalendar';
import { LatencyFinder } from './LatencyFinder';
import type { MixPart } from '../../sound/mix';
import { LevelList } from '../../ui/LevelList';
import type { SoundWish } from './useSound';
import buttons from './Buttons.module.css';
import { Link } from 'react-router';
import classes from './Sheet.module.css';

interface Props {
  opened: boolean;
  onClose: () => void;
  wish: SoundWish;
  onSet: (change: Partial<SoundWish>) => void;
  /** What the step itself asks for. */
  asks: { drone: NonNullable<SoundWish['drone']>; foot: boolean };
  /** What can sound with it. */
  parts: MixPart[];
  /** How a friend joins in; nothing where the step has no partner. */
  friend: ReactNode;
  /** Whether it is known how the line is fingered. */
  hand: boolean;
  /** Opens what can be taken away. */
  onTakeAway: () => void;
  tapping: boolean;
  onTapping: (on: boolean) => void;
}

interface Choice<T> {
  value: T;
  label: string;
}

const TIMES: Choice<number>[] = [1, 2, 3, 5, 10].map((value) => ({
  value,
  label: value === 1 ? 'once' : value === 10 ? '10 times' : String(value),
}));
const VOICES: Choice<SoundWish['voice']>[] = [
  { value: 'without', label: 'alone' },
  { value: 'with', label: 'with a voice' },
  { value: 'every-second', label: 'call and answer' },
];
const RISES: Choice<number>[] = [
  { value: 0, label: 'stays' },
  { value: 1, label: 'rises each time' },
  { value: 2, label: 'after 2' },
  { value: 3, label: 'after 3' },
];
const DRONES: Choice<NonNullable<SoundWish['drone']>>[] = [
  { value: 'off', label: 'none' },
  { value: 'tonic', label: 'tonic' },
  { value: 'tonic-and-fifth', label: 'tonic and fifth' },
];
const FINGERS: Choice<SoundWish['fingers']>[] = [
  { value: 'always', label: 'always' },
  { value: 'new', label: 'only what is new' },
  { value: 'never', label: 'never' },
];
const PICTURES: Choice<boolean>[] = [
  { value: false, label: 'not shown' },
  { value: true, label: 'shown large' },
];
const ON_OFF: Choice<boolean>[] = [
  { value: false, label: 'off' },
  { value: true, label: 'on' },
];

/** How it sounds: times, voice, rungs, drone, foot, and the delay of the headphones. */
export function SoundSheet(props: Props) {
  const { opened, onClose, wish, onSet, asks, parts, hand, friend, tapping, onTapping, onTakeAway } = props;
  const { online } = useNetwork();
  return (
    <Modal opened={opened} onClose={onClose} title="How it sounds" centered size="lg">
      <div className={classes.sheet}>
        <Line label="Play it" value={wish.times} choices={TIMES} onChange={(times) => onSet({ times })} />
        <Line label="You play" value={wish.voice} choices={VOICES} onChange={(voice) => onSet({ voice })} />
        {wish.times > 1 && (
          <Line label="The rung" value={wish.every} choices={RISES} onChange={(every) => onSet({ every })} />
        )}
        <Line
          label="Drone"
          value={wish.drone ?? asks.drone}
          choices={DRONES}
          onChange={(drone) => onSet({ drone })}
        />
        <Line
          label="Foot cue"
          value={wish.foot ?? asks.foot}
          choices={ON_OFF}
          onChange={(foot) => onSet({ foot })}
        />
        {hand && (
          <>
            <Line
              label="Fingers"
              value={wish.fingers}
              choices={FINGERS}
              onChange={(fingers) => onSet({ fingers })}
            />
            <Line
              label="Your hand"
              value={wish.picture === true}
              choices={PICTURES}
              onChange={(picture) => onSet({ picture })}
            />
          </>
        )}
        <Line label="Tap it" value={tapping} choices={ON_OFF} onChange={onTapping} />
        <LevelList parts={parts} levels={wish.levels ?? {}} onSet={(levels) => onSet({ levels })} />
        {friend}
        <div className={classes.friend}>
          <span>To play without this page, or on paper.</span>
          <button type="button" className={classes.take} onClick={onTakeAway}>
            Take it away as a file
          </button>
          {online && (
            <>
              <Link to="sheet" className={classes.take}>
                The week on paper
              </Link>
              <OwnCalendar />
            </>
          )}
        </div>
        <LatencyFinder latencyMs={wish.latencyMs} onSet={(latencyMs) => onSet({ latencyMs })} />
      </div>
    </Modal>
  );
}

interface LineProps<T> {
  label: string;
  value: T;
  choices: Choice<T>[];
  onChange: (value: T) => void;
}

function Line<T extends string | number | boolean>({ label, value, choices, onChange }: LineProps<T>) {
  return (
    <div role="group" aria-label={label} className={classes.sheetLine}>
      <span>{label}</span>
      <span className={`${buttons.pills} ${classes.choices}`}>
        {choices.map((choice) => (
          <button
            key={String(choice.value)}
            type="button"
            aria-pressed={choice.value === value}
            onClick={() => onChange(choice.value)}
          >
            {choice.label}
          </button>
        ))}
      </span>
    </div>
  );
}
