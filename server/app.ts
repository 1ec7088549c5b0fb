import { join } from 'node:path';
import compression from 'compression';
import express, { type Express } from 'express';
import helmet from 'helmet';
import type { Logger } from 'pino';
import type { Sequelize } from 'sequelize';
import { limits } from '#core/limits';
import type { AddressSearch } from './gateways/addressSearch.ts';
import type { Fetcher } from '#outside/fetcher.ts';
import type { PhotoStore } from './gateways/photoStore.ts';
import type { SiteGateway } from './gateways/sites.ts';
import { refuseForeign } from './guard.ts';
import { answerErrors, unknownAddress } from './problem.ts';
import { archiveRoutes } from './routes/archive.ts';
import { branchRoutes } from './routes/branches.ts';
import { checkRoutes } from './routes/checks.ts';
import { clientRoutes, importRoutes } from './routes/clients.ts';
import { pageRoutes } from './routes/pages.ts';
import { photoRoutes } from './routes/photos.ts';
import { placeRoutes } from './routes/places.ts';
import { runRoutes } from './routes/runs.ts';
import { siteRoutes } from './routes/sites.ts';
import { trashRoutes } from './routes/trash.ts';
import { Spool } from './routes/upload.ts';
import { pingDatabase } from './store/clients.ts';
import type { Threads } from './threads/threads.ts';

export interface AppParts {
  readonly database: Sequelize;
  readonly photos: PhotoStore;
  readonly threads: Threads;
  /** Folder for uploads while they are taken, on the disk of the photo store. */
  readonly spool: string;
  readonly search?: AddressSearch;
  readonly fetcher: Fetcher;
  readonly gateway: SiteGateway;
  readonly log: Logger;
  /** Folder of the built interface; undefined to serve the API alone. */
  readonly web?: string;
}

/** The application: guard, API, interface, errors, in this order. */
export function createApp(parts: AppParts): Express {
  const { database, photos, threads, spool, search, fetcher, gateway, log, web } = parts;
  const app = express();
  const uploads = new Spool(spool);
  app.disable('x-powered-by');
  app.use(securityHeaders());
  app.use(refuseForeign);
  app.use((request, response, next) => {
    const begun = performance.now();
    response.on('finish', () => {
      log.info(
        {
          method: request.method,
          path: request.path,
          status: response.statusCode,
          ms: Math.round(performance.now() - begun),
        },
        'request',
      );
    });
    next();
  });
  app.get('/health', async (_request, response) => {
    const ok = await pingDatabase(database);
    response.status(ok ? 200 : 503).json({ ok, database: ok ? 'answers' : 'does not answer' });
  });
  app.use('/api', (_request, response, next) => {
    response.set('Cache-Control', 'no-store');
    next();
  });
  app.use('/api', importRoutes(threads));
  app.use(
    '/api',
    express.json({ limit: limits.jsonBytes }),
    clientRoutes(threads),
    branchRoutes(),
    pageRoutes(threads, uploads, fetcher),
    siteRoutes(gateway),
    runRoutes(threads),
    checkRoutes(threads, uploads),
    photoRoutes({ store: photos, threads, spool: uploads, fetcher }),
    archiveRoutes(photos, threads, uploads),
    trashRoutes(),
    placeRoutes(search, fetcher),
  );
  app.use('/api', unknownAddress);
  if (web) serveInterface(app, web);
  app.use(answerErrors(log));
  return app;
}

function securityHeaders(): ReturnType<typeof helmet> {
  return helmet({
    contentSecurityPolicy: {
      directives: {
        defaultSrc: ["'self'"],
        // The interface's styles are made while it runs (emotion, the editor); nothing else may be inline.
        styleSrc: ["'self'", "'unsafe-inline'"],
        imgSrc: ["'self'", 'data:', 'blob:'],
        workerSrc: ["'self'"],
        objectSrc: ["'none'"],
        frameAncestors: ["'none'"],
        upgradeInsecureRequests: null,
      },
    },
    strictTransportSecurity: false,
  });
}

/** The built interface; every other address is one of its views. */
function serveInterface(app: Express, web: string): void {
  app.use(compression(), express.static(web, { index: false, maxAge: '1y', immutable: true }));
  app.get('/{*view}', (_request, response) =>
    response.set('Cache-Control', 'no-cache').sendFile(join(web, 'index.html')),
  );
}
