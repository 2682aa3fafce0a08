import * as Tone from 'tone';

const FADE_SECONDS = 0.6;
const LEVEL = 0.16;

/** Notes that sound all along. */
export interface Drone {
  /** Goes to other notes at a time of the audio clock; those that are there are tonic and fifth, in this order. */
  tune(hertz: number[], at: number): void;
  /** Lets them die away. */
  hush(): void;
}

const GLIDE_SECONDS = 0.04;

/** Lets notes sound from now on. */
export function drone(hertz: number[]): Drone {
  const out = new Tone.Gain(0).toDestination();
  const voices = hertz.map((one) =>
    new Tone.Oscillator({ frequency: one, type: 'custom', partials: [1, 0.45, 0.28, 0.12, 0.07] })
      .connect(out)
      .start(),
  );
  out.gain.rampTo(LEVEL / Math.max(1, hertz.length), FADE_SECONDS);
  return {
    tune(to, at) {
      voices.forEach((voice, i) => voice.frequency.setTargetAtTime(to[i] ?? to[0]!, at, GLIDE_SECONDS / 3));
    },
    hush() {
      out.gain.rampTo(0, FADE_SECONDS / 2);
      window.setTimeout(() => {
        voices.forEach((voice) => voice.dispose());
        out.dispose();
      }, FADE_SECONDS * 1000);
    },
  };
}
