/** `npm run docs`: makes what of docs/ is made from tables in the code. Tests hold the two together. */
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { apiPage, openApi } from '#contract/apiPage.ts';
import { presetJsonSchema } from '#core/page';
import { stampJsonSchema } from '#core/photo';
import { factsPage, findingsPage } from '#core/reporting';

const write = (name: string, text: string): void => {
  writeFileSync(join(import.meta.dirname, '../docs', name), text);
};
write('findings.md', findingsPage());
write('facts.md', factsPage());
write('api.md', apiPage());
write('openapi.json', openApi());
write('preset.schema.json', presetJsonSchema());
write('stamp.schema.json', stampJsonSchema());
