/** `npm run docs`: makes docs/findings.md from the table in the code. A test holds the two together. */
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { findingsPage } from '#core/checking';

writeFileSync(join(import.meta.dirname, '../docs/findings.md'), findingsPage());
