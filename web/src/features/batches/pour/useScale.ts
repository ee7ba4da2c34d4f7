import { useEffect, useState } from 'react';

/** What the bench scale shows: grams since the last tare, or why it shows nothing. */
export type ScaleReading =
  { state: 'steady' | 'moving'; grams: number } | { state: 'overload' | 'away' };

/** Follows the scale while somebody looks at it. */
export const useScale = (on: boolean): ScaleReading => {
  const [reading, setReading] = useState<ScaleReading>({ state: 'away' });
  useEffect(() => {
    if (!on) return undefined;
    const source = new EventSource('/api/scale');
    source.onmessage = ({ data }) => setReading(JSON.parse(data as string) as ScaleReading);
    source.onerror = () => setReading({ state: 'away' });
    return () => source.close();
  }, [on]);
  return reading;
};
