import { densityReading, stripReading } from '../messages/batches.ts';
import { measuredAir } from '../messages/rounds.ts';
import { routes, streamRoutes } from '../routes.ts';
import { endpoint, stream } from './endpoint.ts';

export const instrumentsEndpoints = {
  tareScale: endpoint(routes.tareScale, 'person', 'Set the bench scale to zero'),
  readMeter: endpoint(routes.readMeter, 'person', 'Read the density meter', {
    answer: densityReading,
  }),
  readStrip: endpoint(routes.readStrip, 'person', 'Read the peroxide strip', {
    answer: stripReading,
  }),
  readAir: endpoint(routes.readAir, 'person', 'Read a room’s thermometer and hygrometer', {
    answer: measuredAir,
  }),
} as const;

export const instrumentsStreams = {
  scale: stream(streamRoutes.scale, 'person', 'What the bench scale shows, as it changes', {
    type: 'text/event-stream',
  }),
} as const;
