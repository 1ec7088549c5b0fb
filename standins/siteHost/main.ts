/**
 * A site host for the demo: serves each folder of sites under its domain, http://127.0.0.1:PORT/DOMAIN/…, and at
 * the root for whoever asks with that domain as the host. Whoever signs in writes to the sites over SFTP, and over
 * WebDAV under `dav.` before the domain.
 * Start it by itself with `npm run standin:site-host -- FOLDER [HOST-KEY-FILE]`.
 */
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { join } from 'node:path';
import express from 'express';
import { hostKeyIn, sftpServer } from './sftp.ts';
import { webdav } from './webdav.ts';

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
  const dav = webdav((host) => join(folder, host.replace(/^dav\./, '')));
  app.use((request, response, next) => {
    if (/^dav\.[\w.-]+\.example$/.test(request.hostname)) dav(request, response, next);
    else next();
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

const [, script = '', folder, keyFile] = process.argv;
// By itself, or in the bundle of a start.
if (folder && /siteHost(?:\/main)?\.m?[jt]s$/.test(script)) {
  const server = createServer(siteHost(folder));
  const ssh = sftpServer(folder, hostKeyIn(keyFile ?? join(folder, '.host-key')).key);
  const portOf = ({ port }: AddressInfo): number => port;
  ssh.listen(Number(process.env['SSH_PORT'] ?? 0), '127.0.0.1', () => {
    server.listen(Number(process.env['PORT'] ?? 0), '127.0.0.1', () => {
      const [port, sshPort] = [server, ssh].map((one) => portOf(one.address() as AddressInfo));
      process.stdout.write(
        `site host at http://127.0.0.1:${String(port)}/, SFTP at port ${String(sshPort)}\n`,
      );
      process.send?.({ listening: port, ssh: sshPort });
    });
  });
  const stop = (): void => {
    ssh.close();
    server.close(() => process.exit(0));
    server.closeAllConnections();
  };
  process.on('SIGTERM', stop);
  process.on('SIGINT', stop);
  process.on('disconnect', stop);
}
