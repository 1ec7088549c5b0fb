import { fileURLToPath } from 'node:url';
import config from '../jest.config.js';

const rootDir = fileURLToPath(new URL('..', import.meta.url));
const core = config.projects.find((project) => project.displayName === 'core');

/** The project `core` of jest.config.js, all its files in one suite: see coreTogether.ts. */
export default {
  ...config,
  rootDir,
  verbose: false,
  projects: [{ ...core, rootDir, testMatch: ['<rootDir>/start/coreTogether.ts'] }],
};
