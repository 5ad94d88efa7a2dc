import { useCallback, useState } from 'react';

/** The width of an element in pixels, following its changes; give the first value to the element as its ref. */
export function useWidth(initial: number): [(element: HTMLElement | null) => void, number] {
  const [width, setWidth] = useState(initial);
  const measure = useCallback((element: HTMLElement | null) => {
    if (!element) {
      return undefined;
    }
    const observer = new ResizeObserver(([entry]) => {
      if (entry && entry.contentRect.width > 0) {
        setWidth(entry.contentRect.width);
      }
    });
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  return [measure, width];
}
