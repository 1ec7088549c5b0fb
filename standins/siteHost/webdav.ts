/** A small WebDAV server over a folder (RFC 4918, class 1 without locks), with sign-in and conditional requests. */
import { createHash, randomUUID, timingSafeEqual } from 'node:crypto';
import { readFileSync, renameSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import express from 'express';
import { escapeHtml } from '#core/text';
import { below, demoUser, namesIn, statOf } from './siteFiles.ts';

const MOST = '64mb';

const digest = (bytes: Buffer | string): Buffer => createHash('sha256').update(bytes).digest();
const tagOf = (bytes: Buffer): string => `"${digest(bytes).toString('hex').slice(0, 32)}"`;

/** Reads, lists and writes the files of the folder that `rootOf` names for a request. */
export function webdav(rootOf: (host: string) => string): ReturnType<typeof express> {
  const app = express();
  app.disable('x-powered-by');
  app.use((request, response, next) => {
    const [, given = ''] = /^Basic (\S+)$/.exec(request.headers.authorization ?? '') ?? [];
    const wanted = Buffer.from(`${demoUser.user}:${demoUser.password}`).toString('base64');
    if (timingSafeEqual(digest(given), digest(wanted))) next();
    else response.status(401).set('WWW-Authenticate', 'Basic realm="site"').send('Sign in.');
  });
  app.use(express.raw({ type: () => true, limit: MOST }));
  app.use((request, response) => {
    const path = pathOf(request.path);
    const file = path === undefined ? undefined : below(rootOf(request.hostname), path);
    const stats = statOf(file);
    if (path === undefined || file === undefined || (!stats && request.method !== 'PUT')) {
      response.status(404).send('There is no such file.');
      return;
    }
    if (request.method === 'PROPFIND') {
      const isFolder = stats?.isDirectory() ?? false;
      const names = isFolder && request.headers.depth !== '0' ? namesIn(file) : [];
      const entries = [
        entry(path, isFolder),
        ...names.map((name) =>
          entry(`${path === '/' ? '' : path}/${name}`, statOf(join(file, name))?.isDirectory() ?? false),
        ),
      ];
      response
        .status(207)
        .type('application/xml; charset=utf-8')
        .send(`<?xml version="1.0"?><D:multistatus xmlns:D="DAV:">${entries.join('')}</D:multistatus>`);
    } else if (request.method === 'GET' || request.method === 'HEAD') {
      const bytes = readFileSync(file);
      response.set('ETag', tagOf(bytes)).type('application/octet-stream').send(bytes);
    } else if (request.method === 'PUT') put(file, stats !== undefined, request, response);
    else response.status(405).send('That is not done here.');
  });
  return app;
}

/** RFC 9110, 13.1.1: nothing is written where the entity tag is another one now. */
function put(file: string, isThere: boolean, request: express.Request, response: express.Response): void {
  const wanted = request.headers['if-match'];
  const now = isThere ? tagOf(readFileSync(file)) : undefined;
  if (wanted !== undefined && wanted !== now) {
    response.status(412).send('It is another version now.');
    return;
  }
  const bytes = Buffer.isBuffer(request.body) ? request.body : Buffer.alloc(0);
  const beside = `${file}.${randomUUID()}.zinc-part`; // a stand-in that is killed may leave it
  writeFileSync(beside, bytes);
  renameSync(beside, file);
  response
    .status(isThere ? 204 : 201)
    .set('ETag', tagOf(bytes))
    .end();
}

function pathOf(encoded: string): string | undefined {
  try {
    const path = decodeURIComponent(encoded);
    return path === '/' ? path : path.replace(/\/$/, '');
  } catch {
    return undefined;
  }
}

const entry = (path: string, isFolder: boolean): string =>
  `<D:response><D:href>${escapeHtml(path.split('/').map(encodeURIComponent).join('/') + (isFolder && path !== '/' ? '/' : ''))}</D:href><D:propstat><D:prop><D:resourcetype>${isFolder ? '<D:collection/>' : ''}</D:resourcetype></D:prop><D:status>HTTP/1.1 200 OK</D:status></D:propstat></D:response>`;
