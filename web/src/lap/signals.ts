import { persisted } from '../settings/store';

/** How a press makes itself known, and what else may press. */
export interface Signals {
  sound: boolean;
  vibration: boolean;
  pedal: boolean;
}

const KEY = 'round-pocket.signals';
const store = persisted(KEY, (kept): Signals => {
  const stored = (kept ?? {}) as Partial<Signals>;
  return {
    sound: stored.sound === true,
    vibration: stored.vibration === true,
    pedal: stored.pedal === true,
  };
});

export const useSignals = store.use;

export function changeSignals(change: Partial<Signals>): void {
  store.set({ ...store.get(), ...change });
}

let audio: AudioContext | undefined;

/** A short tick at a press; a longer, higher one where ten are full or a section ends. */
export function signal(special: boolean): void {
  const signals = store.get();
  if (signals.vibration && 'vibrate' in navigator) {
    navigator.vibrate(special ? [60, 40, 60] : 30);
  }
  if (signals.sound) {
    audio ??= new AudioContext();
    const tone = audio.createOscillator();
    const loudness = audio.createGain();
    const seconds = special ? 0.25 : 0.06;
    tone.frequency.value = special ? 880 : 520;
    loudness.gain.setValueAtTime(0.12, audio.currentTime);
    loudness.gain.exponentialRampToValueAtTime(0.001, audio.currentTime + seconds);
    tone.connect(loudness).connect(audio.destination);
    tone.start();
    tone.stop(audio.currentTime + seconds);
  }
}
