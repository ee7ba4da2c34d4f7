import cluster from 'node:cluster';
import { createServer, type Server } from 'node:http';
import type { RequestHandler } from 'express';
import { AggregatorRegistry, collectDefaultMetrics, Histogram, register } from 'prom-client';

/** How long requests took to be answered, by route and status. */
const answered = new Histogram({
  name: 'zymostat_http_seconds',
  help: 'seconds',
  labelNames: ['method', 'route', 'status'],
  buckets: [0.005, 0.02, 0.05, 0.1, 0.3, 1, 3],
});

interface Routed {
  route?: { path?: unknown };
}

/** Counts what is answered, by its route and never by what stands in its place: ids say who. */
export const measured: RequestHandler = (request, response, next) => {
  const stop = answered.startTimer();
  response.on('finish', () => {
    const { route } = request as Routed;
    const path = typeof route?.path === 'string' ? route.path : 'page';
    stop({ method: request.method, route: path, status: response.statusCode });
  });
  next();
};

/** What of one process, or of all of them together where there are several. */
const all = new AggregatorRegistry();
const text = (): Promise<string> =>
  cluster.isPrimary && Object.keys(cluster.workers ?? {}).length > 0
    ? all.clusterMetrics()
    : register.metrics();

/** Measures the process itself: memory, the event loop, its uptime. */
export const measureProcess = (): void => collectDefaultMetrics();

/** Serves figures on loopback only, for whoever collects them. */
export const serveMetrics = (port: number): Server =>
  createServer((_request, response) => {
    text()
      .then((figures) => response.setHeader('Content-Type', register.contentType).end(figures))
      .catch(() => response.writeHead(503).end());
  }).listen(port, '127.0.0.1');
