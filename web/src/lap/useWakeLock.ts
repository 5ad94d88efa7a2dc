import { useEffect } from 'react';

/** Keeps the screen on while the page is seen, where the browser can. */
export function useWakeLock(): void {
  useEffect(() => {
    let lock: WakeLockSentinel | undefined;
    let over = false;
    const ask = () => {
      if (document.visibilityState === 'visible' && 'wakeLock' in navigator) {
        navigator.wakeLock
          .request('screen')
          .then((granted) => {
            lock = granted;
            if (over) {
              void granted.release();
            }
          })
          .catch(() => undefined); // low battery, or not allowed: the screen goes off as usual
      }
    };
    ask();
    document.addEventListener('visibilitychange', ask);
    return () => {
      over = true;
      document.removeEventListener('visibilitychange', ask);
      void lock?.release();
    };
  }, []);
}
