/** `npm run licences`: lists the licence of every package that ships, and fails on one that is not permissive. */
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import * as z from 'zod';

const home = join(import.meta.dirname, '..');

/** Licences that ask for no more than to be named with the work, and let anybody use it for anything. */
const PERMISSIVE = new Set([
  'MIT',
  'MIT-0',
  'ISC',
  'BSD-2-Clause',
  'BSD-3-Clause',
  '0BSD',
  'Apache-2.0',
  'BlueOak-1.0.0',
  'CC0-1.0',
  'Unlicense',
  'WTFPL',
  'Python-2.0',
  'PSF-2.0',
  'Zlib',
  // As packages of before SPDX write them.
  'MIT/X11',
  'BSD',
]);

/** Licences that ask for more, each with why it asks nothing of us: what is under them ships as it is, in files of its own. */
const ASKING: Readonly<Record<string, string>> = {
  'LGPL-3.0-or-later': 'a library that can be exchanged for another build (libvips, which reads pictures)',
  'LGPL-3.0': 'a library that can be exchanged for another build (libheif, which decodes HEIC)',
  'LGPL-2.1-or-later': 'a library that can be exchanged for another build (the connector to MariaDB)',
  'MPL-2.0': 'its own files stay under it, unchanged (exifreader, lightningcss)',
  'OFL-1.1': 'fonts, shipped as they are',
  'CC-BY-3.0': 'data, named in LICENSE',
  'CC-BY-4.0': 'data, named in LICENSE',
};

const lockSchema = z.object({
  packages: z.record(
    z.string(),
    z.object({
      version: z.string().optional(),
      license: z.string().optional(),
      dev: z.boolean().optional(),
      devOptional: z.boolean().optional(),
      optional: z.boolean().optional(),
    }),
  ),
});
const packageSchema = z.object({
  license: z.union([z.string(), z.object({ type: z.string() })]).optional(),
  licenses: z.array(z.object({ type: z.string() })).optional(),
});

/** A package that ships. */
export interface Shipped {
  readonly name: string;
  readonly version: string;
  readonly licence: string;
  /** Why it may not ship; ''. */
  readonly problem: string;
}

/** Every package of the lock file that is not for development alone. */
export function shippedPackages(): readonly Shipped[] {
  const { packages } = lockSchema.parse(JSON.parse(readFileSync(join(home, 'package-lock.json'), 'utf8')));
  return Object.entries(packages)
    .filter(([path, { dev, devOptional }]) => path.startsWith('node_modules/') && !dev && !devOptional)
    .map(([path, { version = '', license, optional }]) => {
      const name = path.slice(path.lastIndexOf('node_modules/') + 'node_modules/'.length);
      const licence = license ?? licenceOf(path);
      // Builds for other machines are not here to be looked at.
      const missing = optional && !existsSync(join(home, path));
      const problem = licence || missing ? refusal(licence) : 'it names no licence';
      return { name, version, licence, problem: missing && !licence ? '' : problem };
    })
    .sort((a, b) => (a.name < b.name ? -1 : 1));
}

function licenceOf(path: string): string {
  const file = join(home, path, 'package.json');
  if (!existsSync(file)) return '';
  const { license, licenses } = packageSchema.parse(JSON.parse(readFileSync(file, 'utf8')));
  if (typeof license === 'string') return license;
  return license?.type ?? (licenses ?? []).map(({ type }) => type).join(' OR ');
}

/** Why a licence (an SPDX expression) may not ship; of several that may be chosen one that may is enough. */
function refusal(licence: string): string {
  const isFine = (one: string): boolean =>
    one.split(' AND ').every((part) => PERMISSIVE.has(part) || Object.hasOwn(ASKING, part));
  const choices = licence.replace(/[()]/g, '').split(' OR ');
  return choices.some(isFine) ? '' : `${licence} is not permissive`;
}

if (process.argv[1]?.endsWith('licences.ts')) {
  const shipped = shippedPackages();
  for (const { name, version, licence, problem } of shipped)
    process.stdout.write(`${name} ${version}: ${licence}${problem ? `  NOT PERMISSIVE: ${problem}` : ''}\n`);
  const bad = shipped.filter(({ problem }) => problem);
  for (const [licence, why] of Object.entries(ASKING)) process.stdout.write(`${licence}: ${why}\n`);
  process.stdout.write(`${String(shipped.length)} packages ship, ${String(bad.length)} may not.\n`);
  process.exitCode = bad.length > 0 ? 1 : 0;
}
