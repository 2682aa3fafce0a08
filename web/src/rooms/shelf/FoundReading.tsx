import type { ImportReading } from '../../api/imports';
import type { FoundMusicFile } from '../../api/types';
import { Choose } from '../../ui/Choose';
import { FoundFingers } from './FoundFingers';
import classes from './BringIn.module.css';

interface Props {
  found: FoundMusicFile;
  onRead: (change: ImportReading) => void;
}

const MOST_KEYS = 12;

/** How a file is read: of music the part, the voice and the key; of a routine, how many steps it has. */
export function FoundReading({ found, onRead }: Props) {
  if (found.kind === 'routine') {
    return (
      <div className={classes.what}>
        A routine of {found.steps.length} {found.steps.length === 1 ? 'step' : 'steps'} with{' '}
        {found.steps.length === 1 ? 'its climb' : 'their climbs'}.
        {found.differs.length > 0 && (
          <ul className={classes.left} aria-label="How it differs">
            {found.differs.map((one) => (
              <li key={one}>{one}</li>
            ))}
          </ul>
        )}
      </div>
    );
  }
  const id = (one: { tonic: string; form: string }) => `${one.tonic} ${one.form}`;
  const chosen = found.keys.find((one) => one.chosen);
  const keys = found.keys.filter((one, i) => i < MOST_KEYS || one.chosen);
  return (
    <div className={classes.reading}>
      {found.parts.length > 1 && (
        <label>
          <span>Part</span>
          <Choose
            label="Part"
            value={String(found.part)}
            choices={found.parts.map((name, i) => ({ value: String(i), label: name }))}
            onChange={(part) => onRead({ part: Number(part), voice: 0, tonic: undefined, form: undefined })}
          />
        </label>
      )}
      {found.voices > 1 && (
        <label>
          <span>Voice</span>
          <Choose
            label="Voice"
            value={String(found.voice)}
            choices={Array.from({ length: found.voices }, (_, i) => ({
              value: String(i),
              label: `voice ${i + 1}`,
            }))}
            onChange={(voice) => onRead({ voice: Number(voice), tonic: undefined, form: undefined })}
          />
        </label>
      )}
      <label>
        <span>In</span>
        <Choose
          label="Key"
          value={chosen ? id(chosen) : ''}
          choices={keys.map((one) => ({ value: id(one), label: one.words }))}
          onChange={(key) => {
            const one = found.keys.find((other) => id(other) === key);
            if (one) onRead({ tonic: one.tonic, form: one.form });
          }}
        />
      </label>
      {found.close && <p className={classes.what}>{found.close}</p>}
      {found.hand && <FoundFingers hand={found.hand} onRead={onRead} />}
    </div>
  );
}
