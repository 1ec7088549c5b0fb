import type { Site } from '#contract';
import type { SiteAccess, SiteSecret } from '#core/site';

export type Way = SiteAccess['way'];

/** The ways to a site by their names. */
export const WAYS: Readonly<Record<Way, string>> = {
  sftp: 'SFTP',
  webdav: 'WebDAV',
  folder: 'Folder',
  hand: 'By hand',
};

/** What is typed in the dialog of a site: the fields of all ways, so that none is lost by looking at another. */
export interface SiteFields {
  readonly way: Way;
  readonly name: string;
  readonly url: string;
  readonly host: string;
  readonly port: string;
  readonly user: string;
  readonly folder: string;
  readonly address: string;
  readonly hostKey: string;
  readonly password: string;
  readonly privateKey: string;
  readonly passphrase: string;
}

const EMPTY: SiteFields = {
  way: 'sftp',
  name: '',
  url: '',
  host: '',
  port: '22',
  user: '',
  folder: '',
  address: '',
  hostKey: '',
  password: '',
  privateKey: '',
  passphrase: '',
};

/** The fields of a site; of a new one they are empty. */
export function fieldsOf(site: Pick<Site, 'name' | 'url' | 'access'> | undefined): SiteFields {
  if (!site) return EMPTY;
  const { name, url, access } = site;
  const known = { ...EMPTY, name, url, way: access.way };
  switch (access.way) {
    case 'sftp':
      return { ...known, ...access, port: String(access.port) };
    case 'webdav':
    case 'folder':
      return { ...known, ...access };
    case 'hand':
      return known;
  }
}

/** What was typed, as it is asked for and kept; without a secret the one that is kept stays. */
export function accessOf(fields: SiteFields): { access: SiteAccess; secret: SiteSecret | null } {
  const { way, host, port, user, folder, address, hostKey, password, privateKey, passphrase } = fields;
  const secret = password || privateKey ? { password, privateKey, passphrase } : null;
  switch (way) {
    case 'sftp':
      return { access: { way, host, port: Number(port) || 0, user, folder, hostKey }, secret };
    case 'webdav':
      return { access: { way, address, user }, secret };
    case 'folder':
      return { access: { way, folder }, secret: null };
    case 'hand':
      return { access: { way }, secret: null };
  }
}
