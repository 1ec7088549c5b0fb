/** What the application's reading of a branch is measured against: Express and Sequelize, one row, nothing else. */
import type { AddressInfo } from 'node:net';
import express from 'express';
import { openDatabase } from '#server/store/database.ts';
import { BranchRow, defineModels } from '#server/store/models.ts';

const database = openDatabase(process.env['ZINC_DATABASE'] ?? '');
defineModels(database);
const app = express();
app.get('/row/:id', async (request, response) => {
  response.json(await BranchRow.findByPk(Number(request.params.id)));
});
const server = app.listen(Number(process.env['ZINC_PORT'] ?? 0), '127.0.0.1', () => {
  process.send?.({ listening: (server.address() as AddressInfo).port });
});
process.on('SIGTERM', () => process.exit(0));
