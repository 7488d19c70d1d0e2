'use client';

/** Notes in Hz: rising for hot, falling for cold, one low note again and again for a forgotten heat, a tick for a reading. */
const CALLS = {
  hot: [440, 660, 880],
  cold: [880, 660, 440],
  forgotten: [220, 220, 220, 220],
  tick: [1400],
  refused: [180],
} as const;

let context: AudioContext | null = null;

/** Plays a call; silent where the browser has not been touched yet or has no sound. */
export function playCall(call: keyof typeof CALLS) {
  // Before that the browser would only refuse, and opening its sound takes a tenth of a second.
  if (!navigator.userActivation?.hasBeenActive) return;
  try {
    context ??= new AudioContext();
    const each = call === 'tick' ? 0.04 : 0.2;
    CALLS[call].forEach((hertz, i) => {
      const oscillator = context!.createOscillator();
      const gain = context!.createGain();
      oscillator.frequency.value = hertz;
      const at = context!.currentTime + i * (each + 0.05);
      gain.gain.setValueAtTime(0.2, at);
      gain.gain.exponentialRampToValueAtTime(0.001, at + each);
      oscillator.connect(gain).connect(context!.destination);
      oscillator.start(at);
      oscillator.stop(at + each);
    });
  } catch {
    /* no sound on this device */
  }
}
