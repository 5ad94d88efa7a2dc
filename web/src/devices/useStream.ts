import { useEffect, useRef } from 'react';

/** Listens to what a device tells, as long as it is wanted. */
export function useStream<T>(path: string, wanted: boolean, onTold: (told: T) => void): void {
  const latest = useRef(onTold);
  useEffect(() => {
    latest.current = onTold;
  });
  useEffect(() => {
    if (!wanted) {
      return undefined;
    }
    const stream = new EventSource(path);
    stream.onmessage = (event: MessageEvent<string>) => latest.current(JSON.parse(event.data) as T);
    return () => stream.close();
  }, [path, wanted]);
}
