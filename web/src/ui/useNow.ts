import { useEffect, useState } from 'react';
import { serverNow } from '../api/serverTime.ts';

/**
 * The server's time in ms, told anew every `every` ms. What depends on it is computed, never counted
 * up.
 */
export const useNow = (every = 1000): number => {
  const [now, setNow] = useState(serverNow);
  useEffect(() => {
    const tick = setInterval(() => setNow(serverNow()), every);
    const again = () => setNow(serverNow());
    document.addEventListener('visibilitychange', again);
    return () => {
      clearInterval(tick);
      document.removeEventListener('visibilitychange', again);
    };
  }, [every]);
  return now;
};
