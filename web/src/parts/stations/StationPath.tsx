import { useEffect, useRef, useState } from 'react';
import type { PassageDocument } from '../../api/types';
import type { Lights } from '../../sound/lights';
import { signs } from '../../ui/signs';
import { Stone } from '../../ui/Stone';
import classes from './StationPath.module.css';

interface Props {
  passage: PassageDocument;
  /** Told which station is pointed at, so that its notes can be shown. */
  onPoint?: (station: number | undefined) => void;
  /** Tells which note sounds; the key it stands in is lit. */
  lights?: Lights;
}

const NONE: NonNullable<PassageDocument['stations']> = [];

/** The keys of a walk as small stones over the staff; the one under the pointer says where it lands. */
export function StationPath({ passage, onPoint, lights }: Props) {
  const [at, setAt] = useState<number>();
  const [sounding, setSounding] = useState<number>();
  const list = useRef<HTMLOListElement>(null);
  const stations = passage.stations ?? NONE;
  useEffect(
    () =>
      lights?.subscribe((note, voice) => {
        // Further voices come in later; the line says in which key one is.
        if (voice !== undefined) return;
        setSounding(
          note === undefined ? undefined : stations.find((one) => one.from <= note && note <= one.to)?.index,
        );
      }),
    [lights, stations],
  );
  useEffect(() => {
    // With many keys, the one that sounds stays in sight.
    if (sounding === undefined) return;
    list.current?.children[sounding]?.scrollIntoView({ inline: 'center', block: 'nearest' });
  }, [sounding]);
  if (stations.length === 0) return null;
  const point = (index: number | undefined) => {
    setAt(index);
    onPoint?.(index);
  };
  const pointed = at === undefined ? undefined : stations[at];
  const landing = stations.filter((one) => one.landing.lands).length;
  return (
    <div className={classes.path}>
      <ol ref={list} aria-label="Keys of the walk" onPointerLeave={() => point(undefined)}>
        {stations.map((station) => (
          <li key={station.index} data-now={station.index === sounding}>
            <button
              type="button"
              aria-label={`Key ${station.index + 1}, ${station.key}. ${station.landing.sentence}`}
              data-lands={station.landing.lands}
              onPointerEnter={() => point(station.index)}
              onFocus={() => point(station.index)}
              onBlur={() => point(undefined)}
            >
              <Pebble
                seed={`station ${station.tonic}`}
                label={signs(station.chordSaid ?? station.tonic)}
                lands={station.landing.lands}
              />
            </button>
          </li>
        ))}
      </ol>
      <p aria-live="polite">
        {pointed
          ? `Key ${pointed.index + 1}, ${pointed.key}: ${pointed.landing.sentence}`
          : `${stations.length} keys, ${landing === stations.length ? 'all land' : `${landing} land`}`}
      </p>
    </div>
  );
}

const LETTER = 7;

/** One stone, as wide as what stands on it. */
function Pebble({ seed, label, lands }: { seed: string; label: string; lands: boolean }) {
  const width = Math.max(30, 14 + label.length * LETTER);
  return (
    <svg viewBox={`${-width / 2 - 2} -12 ${width + 4} 24`} width={width + 4} height="24" aria-hidden="true">
      <Stone seed={seed} width={width} height={20} tone={lands ? 'sand' : 'hollow'} />
      <text className={classes.tonic}>{label}</text>
    </svg>
  );
}
