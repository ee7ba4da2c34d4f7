import { streams, things } from '@zymostat/contract';
import type { Notices } from '../../platform/database/notices.ts';
import { serveEvents, type Serving } from '../../platform/http/serve.ts';
import { kindsAfter } from '../records/service.ts';
import { newsHub, touchedBy } from './hub.ts';

/** One line each time the ledger grows: the things that the new facts touch. */
export const liveRoutes = (on: Serving, notices: Notices): void => {
  const hub = newsHub(notices);
  serveEvents(on, streams.live, async (tell, lastSeen) => {
    const stop = hub.hear(({ seq, touched }) => tell(touched.join(' '), seq));
    if (lastSeen === null) return stop;
    const missed = await kindsAfter(on.read, lastSeen);
    if (missed === 'many') tell(things.join(' '));
    else if (missed.length > 0) tell(touchedBy(missed).join(' '));
    return stop;
  });
};
