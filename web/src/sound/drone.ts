import * as Tone from 'tone';

const FADE_SECONDS = 0.6;
const LEVEL = 0.16;

/** Lets notes sound from now on, and returns how to let them die away. */
export function drone(hertz: number[]): () => void {
  const out = new Tone.Gain(0).toDestination();
  const voices = hertz.map((one) =>
    new Tone.Oscillator({ frequency: one, type: 'custom', partials: [1, 0.45, 0.28, 0.12, 0.07] })
      .connect(out)
      .start(),
  );
  out.gain.rampTo(LEVEL / Math.max(1, hertz.length), FADE_SECONDS);
  return () => {
    out.gain.rampTo(0, FADE_SECONDS / 2);
    window.setTimeout(() => {
      voices.forEach((voice) => voice.dispose());
      out.dispose();
    }, FADE_SECONDS * 1000);
  };
}
