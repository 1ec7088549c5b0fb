import type { SiteAccess, SiteSecret } from '#core/site';
import { publicAddressOf } from '../publicAddress.ts';
import { SiteProblem, type SiteConnection } from './connection.ts';
import { folderSite } from './folder.ts';
import { sftpSite, type HostAddress } from './sftp.ts';
import { webdavSite } from './webdav.ts';

export { webSite } from './web.ts';

export { digestOf, exchange, SiteProblem, UnknownHostKey, type SiteConnection } from './connection.ts';

/** Where sites may be reached besides the public web. */
export interface SiteSettings {
  /** Folders of this machine below which sites may lie. */
  readonly folders: readonly string[];
  /** host:port of the stand-in that answers for the domains under `.example` (RFC 2606), over HTTP and over SSH. */
  readonly standin: { readonly http: string; readonly ssh: string } | undefined;
}

/** Opens the way to a site; throws a `SiteProblem` where that fails. */
export async function openSite(
  access: SiteAccess,
  secret: SiteSecret,
  { folders, standin }: SiteSettings,
): Promise<SiteConnection> {
  switch (access.way) {
    case 'folder':
      return folderSite(access.folder, folders);
    case 'sftp':
      return sftpSite(access, secret, await addressOf(access, standin?.ssh));
    case 'webdav':
      return webdavSite(
        access,
        secret,
        isExample(new URL(access.address).hostname) ? standin?.http : undefined,
      );
    case 'hand':
      throw new SiteProblem('Nobody writes to this site but people: hand over what is to stand there.');
  }
}

const isExample = (host: string): boolean => /\.example$/i.test(host);

async function addressOf({ host, port }: HostAddress, standin: string | undefined): Promise<HostAddress> {
  if (standin !== undefined && isExample(host)) {
    const [name = '', number] = standin.split(':');
    return { host: name, port: Number(number) };
  }
  try {
    return { host: await publicAddressOf(host), port };
  } catch (error) {
    const isClosed = error instanceof Error && /closed network/.test(error.message);
    throw new SiteProblem(
      isClosed ? `${host} leads into a closed network and is not connected to.` : `There is no host ${host}.`,
    );
  }
}
