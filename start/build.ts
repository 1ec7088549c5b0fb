/** Builds the interface, as a process of its own: the builder's memory goes with it. */
import { join } from 'node:path';
import { build } from 'vite';

const home = join(import.meta.dirname, '..');
// Whoever starts this (a test runner, say) may have set another; the interface is always built as it ships.
process.env['NODE_ENV'] = 'production';
await build({ root: join(home, 'web'), configFile: join(home, 'vite.config.ts'), logLevel: 'warn' });
