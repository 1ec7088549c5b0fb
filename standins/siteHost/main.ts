/**
 * A site host for the demo: serves each folder of sites under its domain, http://127.0.0.1:PORT/DOMAIN/…, and at
 * the root for whoever asks with that domain as the host.
 * Start it by itself with `npm run standin:site-host -- FOLDER`.
 */
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import express from 'express';

/** The host as an application over a folder of sites. */
export function siteHost(folder: string): ReturnType<typeof express> {
  const app = express();
  app.disable('x-powered-by');
  const files = express.static(folder, {
    index: 'index.html',
    dotfiles: 'ignore',
    // Like most hosts it leaves a page's encoding to the page.
    setHeaders: (response, path) => {
      if (/\.html?$/i.test(path)) response.setHeader('Content-Type', 'text/html');
    },
  });
  app.use((request, response, next) => {
    // Asked under a domain of its own, a site stands at the root.
    const domain = (request.headers.host ?? '').replace(/:\d+$/, '');
    if (/^[\w.-]+\.example$/.test(domain)) request.url = `/${domain}${request.url}`;
    files(request, response, next);
  });
  app.use((_request, response) => {
    response.status(404).type('text/plain').send('No such page on this host.');
  });
  return app;
}

const [, script = '', folder] = process.argv;
if (folder && script.endsWith('siteHost/main.ts')) {
  const server = createServer(siteHost(folder));
  server.listen(Number(process.env['PORT'] ?? 0), '127.0.0.1', () => {
    const { port } = server.address() as AddressInfo;
    process.stdout.write(`site host at http://127.0.0.1:${String(port)}/\n`);
    process.send?.({ listening: port });
  });
  const stop = (): void => {
    server.close(() => process.exit(0));
    server.closeAllConnections();
  };
  process.on('SIGTERM', stop);
  process.on('SIGINT', stop);
  process.on('disconnect', stop);
}
