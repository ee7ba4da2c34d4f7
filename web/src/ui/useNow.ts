import { useEffect, useState } from 'react';

/**
 * The time of day in ms, told anew every `every` ms. What depends on it is computed, never counted
 * up.
 */
export const useNow = (every = 1000): number => {
  const [now, setNow] = useState(Date.now);
  useEffect(() => {
    const tick = setInterval(() => setNow(Date.now()), every);
    const again = () => setNow(Date.now());
    document.addEventListener('visibilitychange', again);
    return () => {
      clearInterval(tick);
      document.removeEventListener('visibilitychange', again);
    };
  }, [every]);
  return now;
};
