import { wipesFor, type Jar } from '@zymostat/core';
import { squareMetres } from '@zymostat/words';
import type { CSSProperties } from 'react';
import { w } from '../../../words/words.ts';

/** What a cloth is held against, m². Source: common practice, no source. */
const things = [
  { id: 'handle', area: 0.02 },
  { id: 'tap', area: 0.05 },
  { id: 'seat', area: 0.3 },
] as const;

const side = (area: number): CSSProperties => ({ '--side': Math.sqrt(area) }) as CSSProperties;

/** What one cloth keeps wet beside a handle, a tap and a seat, all to one scale. */
export const ToScale = ({ jar, family }: { jar: Jar; family: string | undefined }) => {
  const { keepsWet } = jar;
  if (!keepsWet) return null;
  return (
    <div className="to-scale" data-family={family}>
      <figure>
        <i className="fill" style={side(keepsWet.usual)} />
        <figcaption>
          <b>{w.name('jars', 'oneCloth')}</b>
          <span className="small soft block">{squareMetres(w, keepsWet.usual)}</span>
        </figcaption>
      </figure>
      {things.map(({ id, area }) => (
        <figure key={id}>
          <i style={side(area)} />
          <figcaption>
            <b>{w.name('jarThing', id)}</b>
            <span className="small soft block">
              {w.say('jars.clothsFor', { count: wipesFor(area, jar) ?? 0 })}
            </span>
          </figcaption>
        </figure>
      ))}
    </div>
  );
};
