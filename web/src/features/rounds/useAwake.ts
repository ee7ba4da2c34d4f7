import { useEffect } from 'react';

/**
 * Keeps the screen on while something is wet, where the browser can; taken up again when the page
 * comes back.
 */
export const useAwake = (wet: boolean): void => {
  useEffect(() => {
    if (!wet || !('wakeLock' in navigator)) return undefined;
    let lock: WakeLockSentinel | undefined;
    let over = false;
    const take = async () => {
      if (document.visibilityState !== 'visible') return;
      const taken = await navigator.wakeLock.request('screen').catch(() => undefined);
      if (over) await taken?.release();
      else lock = taken;
    };
    const again = () => void take();
    again();
    document.addEventListener('visibilitychange', again);
    return () => {
      over = true;
      document.removeEventListener('visibilitychange', again);
      void lock?.release();
    };
  }, [wet]);
};
