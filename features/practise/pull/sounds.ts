/** What is heard and felt of a pull; a browser that has neither stays still, and all of it is shown too. */
export interface Sounds {
  click: () => void;
  beep: () => void;
  snap: () => void;
  /** A tone that rises with the pull, 0 to 1 and beyond; none is silence. */
  strain: (share: number | undefined) => void;
  end: () => void;
}

/** A quarter of an hour is too long for a context that nobody hears: it is made at the first pull. */
export function makeSounds(heard: { sound: boolean; tone: boolean }): Sounds {
  const context = heard.sound || heard.tone ? new AudioContext() : undefined;
  let tone: { oscillator: OscillatorNode; gain: GainNode } | undefined;
  const burst = (hz: number, seconds: number, type: OscillatorType, loud: number) => {
    if (!context || !heard.sound) return;
    const oscillator = context.createOscillator();
    const gain = context.createGain();
    oscillator.type = type;
    oscillator.frequency.value = hz;
    gain.gain.setValueAtTime(loud, context.currentTime);
    gain.gain.exponentialRampToValueAtTime(0.001, context.currentTime + seconds);
    oscillator.connect(gain).connect(context.destination);
    oscillator.start();
    oscillator.stop(context.currentTime + seconds);
  };
  const strain = (share: number | undefined) => {
    if (!context || !heard.tone) return;
    if (share === undefined) {
      tone?.oscillator.stop();
      tone = undefined;
      return;
    }
    if (!tone) {
      tone = { oscillator: context.createOscillator(), gain: context.createGain() };
      tone.gain.gain.value = 0.06;
      tone.oscillator.type = "triangle";
      tone.oscillator.connect(tone.gain).connect(context.destination);
      tone.oscillator.start();
    }
    // Two octaves from nothing to the figure.
    tone.oscillator.frequency.value = 160 * 4 ** Math.min(share, 1.6);
  };
  return {
    click: () => {
      burst(1900, 0.05, "square", 0.5);
      shake(30);
    },
    beep: () => burst(1200, 0.12, "sine", 0.3),
    snap: () => {
      burst(90, 0.3, "sawtooth", 0.6);
      shake([60, 30, 60]);
    },
    strain,
    end: () => {
      strain(undefined);
      void context?.close();
    },
  };
}

function shake(how: number | number[]): void {
  if ("vibrate" in navigator) navigator.vibrate(how);
}
