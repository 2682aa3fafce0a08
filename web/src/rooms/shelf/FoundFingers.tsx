import { useInstruments } from '../../api/instruments';
import type { ImportReading } from '../../api/imports';
import type { FoundMusicFile } from '../../api/types';
import { Choose } from '../../ui/Choose';
import classes from './BringIn.module.css';

const NONE = '';

interface Props {
  hand: NonNullable<FoundMusicFile['hand']>;
  onRead: (change: ImportReading) => void;
}

/** The fingerings that stand at the notes: for which instrument they are, and how many of them are kept. */
export function FoundFingers({ hand, onRead }: Props) {
  const instruments = useInstruments();
  const handed = (instruments.data ?? []).filter((one) => one.hand && one.ownId == null);
  return (
    <>
      <label>
        <span>Fingered for</span>
        <Choose
          label="Fingered for"
          value={hand.instrument ?? NONE}
          choices={[
            ...(hand.instrument ? [] : [{ value: NONE, label: 'choose an instrument' }]),
            ...handed.map((one) => ({ value: one.id, label: one.name, group: one.family })),
          ]}
          onChange={(instrument) => onRead({ instrument: instrument || undefined })}
        />
      </label>
      <p className={classes.what}>{hand.words}</p>
    </>
  );
}
