import type { Sequelize } from 'sequelize';
import { defineClients } from './models/clients.ts';
import { defineBranches } from './models/branches.ts';
import { definePages } from './models/pages.ts';
import { definePhotos } from './models/photos.ts';
import { defineChanges } from './models/changes.ts';
import { defineChecks } from './models/checks.ts';
import { defineJobs } from './models/jobs.ts';
import { defineRuns } from './models/runs.ts';
import { defineSites } from './models/sites.ts';
import { defineVerifications } from './models/verifications.ts';

export * from './models/clients.ts';
export * from './models/branches.ts';
export * from './models/pages.ts';
export * from './models/photos.ts';
export * from './models/changes.ts';
export * from './models/checks.ts';
export * from './models/jobs.ts';
export * from './models/runs.ts';
export * from './models/sites.ts';
export * from './models/verifications.ts';

/** Ties the models to a database. */
export function defineModels(sequelize: Sequelize): void {
  defineClients(sequelize);
  defineBranches(sequelize);
  definePages(sequelize);
  definePhotos(sequelize);
  defineChanges(sequelize);
  defineChecks(sequelize);
  defineJobs(sequelize);
  defineSites(sequelize);
  defineRuns(sequelize);
  defineVerifications(sequelize);
}
