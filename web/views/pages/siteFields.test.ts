import { expect, test } from '@jest/globals';
import type { SiteAccess } from '#core/site';
import { accessOf, fieldsOf } from './siteFields.ts';

const accesses: readonly SiteAccess[] = [
  { way: 'sftp', host: 'files.shop.example', port: 2222, user: 'x', folder: '/var/www', hostKey: 'abc' },
  { way: 'webdav', address: 'https://dav.shop.example/', user: 'x' },
  { way: 'folder', folder: '/srv/shop' },
  { way: 'hand' },
];

test.each(accesses)('a site is typed on as it is kept, its secret staying: %j', (access) => {
  const fields = fieldsOf({ name: 'Shop', url: 'https://shop.example/', access });
  expect(accessOf(fields)).toEqual({ access, secret: null });
});

test('a password or a key that is typed replaces the secret', () => {
  const fields = { ...fieldsOf(undefined), password: 'x' };
  expect(accessOf(fields).secret).toEqual({ password: 'x', privateKey: '', passphrase: '' });
  expect(accessOf({ ...fields, way: 'folder' }).secret).toBeNull();
});
