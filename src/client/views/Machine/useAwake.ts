import { useEffect, useState } from 'react';

/** Keeps the screen on while the view is open, where the browser can. */
export function useAwake() {
  const [isAwake, setAwake] = useState(false);
  useEffect(() => {
    let lock: WakeLockSentinel | undefined;
    let isOpen = true;
    const take = async () => {
      if (document.visibilityState !== 'visible' || !('wakeLock' in navigator)) return;
      try {
        lock = await navigator.wakeLock.request('screen');
        if (!isOpen) return void lock.release();
        setAwake(true);
        lock.addEventListener('release', () => setAwake(false));
      } catch {
        // A low battery may refuse it; the step is still there when the screen comes back.
      }
    };
    void take();
    document.addEventListener('visibilitychange', take);
    return () => {
      isOpen = false;
      document.removeEventListener('visibilitychange', take);
      void lock?.release();
    };
  }, []);
  return isAwake;
}
