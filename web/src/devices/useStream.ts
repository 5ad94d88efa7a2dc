import { useEffect, useRef } from 'react';
import { listen } from './oneStream';

/** Listens to what a device tells, as long as it is wanted; the pedal on behalf of a pair. */
export function useStream<T>(
  device: 'scale' | 'pedal',
  wanted: boolean,
  onTold: (told: T) => void,
  pair?: string,
): void {
  const latest = useRef(onTold);
  useEffect(() => {
    latest.current = onTold;
  });
  useEffect(
    () => (wanted ? listen(device, pair, (told) => latest.current(told as T)) : undefined),
    [device, pair, wanted],
  );
}
