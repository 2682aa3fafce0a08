import type { PassageDocument, PulseDocument } from '../api/types';
import { Stone } from './Stone';
import classes from './PulseRibbon.module.css';

export interface RowView {
  /** First and last position of the row, in whole notes. */
  from: number;
  to: number;
}

interface Props {
  view: RowView;
  top: number;
  perWhole: number;
  passage: PassageDocument;
  pulse: PulseDocument;
}

const ROW_HEIGHT = 92;
/** Each further voice has a row of pebbles of its own in the same bars. */
const VOICE_HEIGHT = 20;
const LEFT = 12;
const BAND_TOP = 24;
const BAND_HEIGHT = 38;
const LABELLED_CLICK = 13;
const BIGGEST_PEBBLE = 17;

/** Pebbles that lie far apart are this big, however close the clicks are. */
const SPARSE_PEBBLE = 11;

/** How high a row of the ribbon is, with its further voices. */
export function rowHeight(pulse: PulseDocument): number {
  return ROW_HEIGHT + VOICE_HEIGHT * (pulse.rows?.length ?? 0);
}

/** Widths of a letter in the labels over a row, on the safe side. */
const LETTER = { residue: 6.6, landing: 7.4 };
const BETWEEN_LABELS = 8;

/** The shortest distance between two neighbours of a rising list; without end where there are none. */
export function leastApart(places: number[]): number {
  return places.reduce((least, at, i) => (i === 0 ? least : Math.min(least, at - places[i - 1]!)), Infinity);
}

/** One row of the ribbon. */
export function PulseRow({ view, top, perWhole, passage, pulse }: Props) {
  const x = (at: number) => LEFT + (at - view.from) * perWhole;
  const inRow = (at: number) => at >= view.from - 1e-9 && at < view.to - 1e-9;
  const click = pulse.click * perWhole;
  const apart = leastApart(pulse.attacks) * perWhole;
  const pebble = Math.min(BIGGEST_PEBBLE, Math.max(5, click * 0.86, Math.min(SPARSE_PEBBLE, apart * 0.5)));
  const middle = BAND_TOP + BAND_HEIGHT / 2;
  const bars: RowView[] = [];
  for (let at = view.from; at < view.to - 1e-9; at += pulse.bar) {
    bars.push({ from: at, to: Math.min(view.to, at + pulse.bar) });
  }
  const voices = pulse.rows ?? [];
  const bandHeight = BAND_HEIGHT + VOICE_HEIGHT * voices.length;
  const { landing } = passage;
  const last = landing.note;
  const landed = pulse.attacks[last]!;
  const sounding = (passage.clicks?.clicks ?? []).filter(
    (one) => !one.countIn && !one.silent && inRow(one.x),
  );
  const first = pulse.attacks[0]!;
  const arrival = `${landing.lands ? 'lands' : 'ends'} on ${pulse.arrives}`;
  // Every key of a walk has its own arrival.
  const ends = new Map(passage.stations?.map((one) => [one.to, one.landing.lands]));
  const toneOf = (i: number) => {
    const lands = i === last ? landing.lands : ends.get(i);
    if (lands !== undefined) return lands ? 'moss' : 'clay';
    return i === 0 ? 'river' : 'slate';
  };
  const hard = passage.hand?.hardest[0];
  const reach = hard && { from: pulse.attacks[hard.from], to: pulse.attacks[hard.to] };
  const atTheEnd = x(landed) > (view.to - view.from) * perWhole - 60;
  // The distance is named where it fits between the other labels; the landing says it in any case.
  const residueRoom =
    (landing.distance?.length ?? 0) * LETTER.residue +
    arrival.length * LETTER.landing * (atTheEnd ? 2 : 1) +
    2 * BETWEEN_LABELS;
  return (
    <g transform={`translate(0 ${top})`}>
      {bars.map((bar) => (
        <rect
          key={bar.from}
          x={x(bar.from) - click / 2 + 1}
          y={BAND_TOP}
          width={(bar.to - bar.from) * perWhole - 2}
          height={bandHeight}
          rx="17"
          className={classes.band}
        />
      ))}
      {pulse.ticks
        .filter((tick) => inRow(tick.x) && (tick.weight < 2 || click >= 5))
        .map((tick) => (
          <g key={tick.x}>
            <line
              x1={x(tick.x)}
              x2={x(tick.x)}
              y1={BAND_TOP + bandHeight + 2}
              y2={BAND_TOP + bandHeight + (tick.weight < 2 ? 9 : 6)}
              className={tick.weight < 2 ? classes.beatTick : classes.tick}
            />
            {(tick.weight < 2 || click >= LABELLED_CLICK) && (
              <text
                x={x(tick.x)}
                y={BAND_TOP + bandHeight + 22}
                className={
                  tick.weight === 0 ? classes.downbeat : tick.weight === 1 ? classes.beat : classes.between
                }
              >
                {tick.said}
              </text>
            )}
          </g>
        ))}
      {sounding.map((one) => (
        <path
          key={one.at}
          d={one.accent ? 'M-4 0 L4 0 L0 7 Z' : one.between ? 'M-1.5 2 L1.5 2 L0 6 Z' : 'M-3 1 L3 1 L0 6 Z'}
          transform={`translate(${x(one.x)} ${BAND_TOP - 8})`}
          className={classes.click}
        />
      ))}
      {inRow(pulse.target) && (
        <g>
          <Stone
            seed="target"
            width={Math.max(26, pebble * 2)}
            height={11}
            tone="ink"
            x={x(pulse.target)}
            y={middle + pebble / 2 + 4}
          />
        </g>
      )}
      {pulse.attacks.map((at, i) =>
        inRow(at) ? (
          <g key={i} data-attack={i} className={classes.attack}>
            <Stone
              seed={`attack ${i}`}
              width={pebble}
              height={pebble * 0.92}
              tone={toneOf(i)}
              x={x(at)}
              y={i === last && landing.lands ? middle - 4 : middle}
            />
          </g>
        ) : null,
      )}
      {hard &&
        reach?.from !== undefined &&
        reach.to !== undefined &&
        inRow(reach.from) &&
        inRow(reach.to) && (
          <path
            d={`M${x(reach.from)} ${middle - pebble / 2 - 2} Q${(x(reach.from) + x(reach.to)) / 2} ${BAND_TOP - 6} ${x(reach.to)} ${middle - pebble / 2 - 2}`}
            className={classes.hard}
          >
            <title>{`Hardest for the hand: ${hard.words}`}</title>
          </path>
        )}
      {voices.map((voice, v) => {
        const y = middle + BAND_HEIGHT / 2 + VOICE_HEIGHT * (v + 0.3);
        const final = voice.attacks.length - 1;
        return (
          <g key={v}>
            {inRow(voice.target) && (
              <Stone
                seed={`target ${v}`}
                width={Math.max(22, pebble * 1.7)}
                height={8}
                tone="ink"
                x={x(voice.target)}
                y={y + pebble * 0.4 + 2}
              />
            )}
            {voice.attacks.map((at, i) =>
              inRow(at) ? (
                <g key={i} data-voice={`${v} ${i}`} className={classes.attack}>
                  <Stone
                    seed={`voice ${v} ${i}`}
                    width={pebble * 0.8}
                    height={pebble * 0.74}
                    tone={i < final ? 'sand' : voice.lands ? 'moss' : 'clay'}
                    x={x(at)}
                    y={i === final && voice.lands ? y - 2 : y}
                  />
                </g>
              ) : null,
            )}
          </g>
        );
      })}
      {inRow(first) && (
        <text x={x(first)} y={14} className={classes.starts}>
          starts on {pulse.starts}
        </text>
      )}
      {inRow(landed) && (
        <text
          x={x(landed)}
          y={14}
          className={landing.lands ? classes.lands : classes.misses}
          textAnchor={atTheEnd ? 'end' : 'middle'}
        >
          {arrival}
        </text>
      )}
      {!landing.lands && inRow(landed) && inRow(pulse.target) && (
        <g>
          <line
            x1={x(landed)}
            x2={x(pulse.target)}
            y1={BAND_TOP + 5}
            y2={BAND_TOP + 5}
            className={classes.distance}
          />
          <text
            x={(x(landed) + x(pulse.target)) / 2}
            y={14}
            className={classes.residue}
            visibility={Math.abs(x(landed) - x(pulse.target)) > residueRoom ? 'visible' : 'hidden'}
          >
            {landing.distance}
          </text>
        </g>
      )}
    </g>
  );
}
