/** What is heard and felt of a pull; a browser that has neither stays still, and all of it is shown too. */
export interface Sounds {
  click: () => void;
  beep: () => void;
  /** A tone that rises with the pull to that of the figure, 0 to 1 and beyond; none is silence. */
  strain: (share: number | undefined) => void;
  end: () => void;
}

const LOWEST_HZ = 160;

/** What is heard while one pull lasts. */
export function makeSounds(heard: { sound: boolean; tone: boolean }): Sounds {
  // A browser lets nothing be heard on a page that nobody has touched yet.
  const context =
    (heard.sound || heard.tone) && navigator.userActivation.hasBeenActive ? new AudioContext() : undefined;
  let tone: OscillatorNode | undefined;
  let aim: OscillatorNode | undefined;
  const steady = (at: AudioContext, hz: number, loud: number) => {
    const oscillator = at.createOscillator();
    const gain = at.createGain();
    gain.gain.value = loud;
    oscillator.type = "triangle";
    oscillator.frequency.value = hz;
    oscillator.connect(gain).connect(at.destination);
    oscillator.start();
    return oscillator;
  };
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
      tone?.stop();
      aim?.stop();
      tone = aim = undefined;
      return;
    }
    // Two octaves from nothing to the figure, whose own tone sounds all the while: where they meet it is enough.
    tone ??= steady(context, LOWEST_HZ, 0.06);
    aim ??= steady(context, LOWEST_HZ * 4, 0.02);
    tone.frequency.value = LOWEST_HZ * 4 ** Math.min(share, 1.6);
  };
  return {
    click: () => {
      burst(1900, 0.05, "square", 0.5);
      shake(30);
    },
    beep: () => burst(1200, 0.12, "sine", 0.3),
    strain,
    end: () => {
      strain(undefined);
      void context?.close();
    },
  };
}

/** A page that nobody has touched yet may not shake the phone either. */
export function shake(how: number | number[]): void {
  if ("vibrate" in navigator && navigator.userActivation.hasBeenActive) navigator.vibrate(how);
}
