import { useSyncExternalStore } from 'react';

/** How a press makes itself known, and what else may press. */
export interface Signals {
  sound: boolean;
  vibration: boolean;
  pedal: boolean;
}

const KEY = 'round-pocket.signals';
const NONE: Signals = { sound: false, vibration: false, pedal: false };
const listeners = new Set<() => void>();
let signals = read();

function read(): Signals {
  try {
    const stored = JSON.parse(localStorage.getItem(KEY) ?? '{}') as Partial<Signals>;
    return {
      sound: stored.sound === true,
      vibration: stored.vibration === true,
      pedal: stored.pedal === true,
    };
  } catch {
    return NONE;
  }
}

export function changeSignals(change: Partial<Signals>): void {
  signals = { ...signals, ...change };
  try {
    localStorage.setItem(KEY, JSON.stringify(signals));
  } catch {
    // Without storage they hold for this visit.
  }
  listeners.forEach((listener) => listener());
}

export function useSignals(): Signals {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => signals,
  );
}

let audio: AudioContext | undefined;

/** A short tick at a press; a longer, higher one where ten are full or a section ends. */
export function signal(special: boolean): void {
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
