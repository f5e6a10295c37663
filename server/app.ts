import path from 'node:path';
import compression from 'compression';
import express, { type Express } from 'express';
import helmet from 'helmet';
import { nothingHere, onError, onlyReading, type Log } from './errors';
import { sendProblem } from './problem';
import { recorderRoute } from './recorder/route';
import { weatherRoute } from './weather/route';

/** Scripts and assets carry a hash of their content in their name and may be kept for ever. */
const HASHED = /[.-][0-9a-f]{32}\.\w+$/;
/** Camera and microphone are this app’s alone to ask for; nothing of it asks where the rider is. */
const PERMISSIONS = 'camera=(self), microphone=(self), geolocation=()';
const YEAR_MS = 365 * 24 * 3_600_000;

/**
 * Serves the built app from a folder, and the stand-ins for weather and recorder under /api. Any address without a file gets the app, which has routes of its
 * own; a missing script or picture is a plain 404.
 */
export function createApp(
  distFolder: string,
  now: () => number = Date.now,
  log: Log = () => undefined,
): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(
    helmet({
      contentSecurityPolicy: {
        directives: {
          'default-src': ["'self'"],
          // The reader of codes is compiled (WebAssembly); text is still never run as script.
          'script-src': ["'self'", "'wasm-unsafe-eval'"],
          'img-src': ["'self'", 'data:', 'blob:'],
          'style-src': ["'self'", "'unsafe-inline'"],
          // Served over plain http on the rider's own machine: nothing to upgrade to.
          'upgrade-insecure-requests': null,
        },
      },
      strictTransportSecurity: false,
    }),
  );
  app.use((_, response, next) => {
    response.setHeader('Permissions-Policy', PERMISSIONS);
    next();
  });
  app.use(onlyReading);
  app.use('/api/weather', weatherRoute(now));
  app.use(compression());
  app.use('/api/recorder', recorderRoute(now));
  app.use('/api', (_, response) =>
    sendProblem(response, 404, 'Nothing here', 'There are /api/weather and /api/recorder.'),
  );
  app.use(
    express.static(distFolder, {
      index: false,
      setHeaders(response, file) {
        const immutable = HASHED.test(path.basename(file));
        response.setHeader(
          'Cache-Control',
          immutable ? `public, max-age=${YEAR_MS / 1000}, immutable` : 'no-cache',
        );
      },
    }),
  );
  app.get('/{*route}', (request, response, next) => {
    if (path.extname(request.path) !== '') return next();
    response.setHeader('Cache-Control', 'no-cache');
    response.sendFile('index.html', { root: distFolder }, (error) => error && next(error));
  });
  app.use(nothingHere);
  app.use(onError(log));
  return app;
}
