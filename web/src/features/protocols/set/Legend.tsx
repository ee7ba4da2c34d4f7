import { w } from '../../../words/words.ts';
import type { ProtocolNow } from '../useProtocol.ts';

/** What the strokes mean, and how little of a home needs more than cleaning. */
export const Legend = ({ surfaces }: ProtocolNow) => (
  <p className="small soft my-2 flex flex-wrap gap-x-4">
    <span className="goal goal--clean">{w.name('protocol', 'cleanLegend')}</span>
    <span className="goal goal--sanitise">{w.name('protocol', 'sanitise')}</span>
    <span className="goal goal--disinfect">{w.name('protocol', 'disinfect')}</span>
    <span className="ml-auto">
      {w.say('protocol.ofSurfacesNeedOnlyCleaning', {
        length: surfaces.filter(({ setting }) => setting.goal === 'clean').length,
        allCount: surfaces.length,
      })}
    </span>
  </p>
);
