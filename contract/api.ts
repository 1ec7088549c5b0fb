import * as z from 'zod';
import { archiveProgressSchema } from './archive.ts';
import {
  branchInputSchema,
  branchSchema,
  columnsSchema,
  defaultsSchema,
  importedSchema,
  importInputSchema,
  recordInputSchema,
  recordsSchema,
  savedSchema,
} from './branches.ts';
import { changesSchema, trashSchema, undoneSchema } from './changes.ts';
import {
  checkedSourceSchema,
  checkInputSchema,
  comparisonSchema,
  foundOnPageSchema,
  ignoreInputSchema,
  judgingSchema,
  keptChecksSchema,
  keptIgnoreSchema,
  profileInputSchema,
  shownCheckSchema,
} from './checks.ts';
import {
  branchesQuerySchema,
  branchesSchema,
  clientInputSchema,
  clientsQuerySchema,
  clientsSchema,
  createdSchema,
  foundBranchesSchema,
  searchQuerySchema,
  shapeQuerySchema,
} from './clients.ts';
import { endpoint } from './endpoint.ts';
import { ledgerSchema } from './ledger.ts';
import { paths } from './paths.ts';
import {
  addedPagesSchema,
  addPagesQuerySchema,
  allVerifiedSchema,
  changedPageSchema,
  liveHistorySchema,
  livePageSchema,
  pagesSchema,
  pagesZipQuerySchema,
  placementInputSchema,
  scheduleSchema,
} from './pages.ts';
import {
  addedPhotosSchema,
  branchStampSchema,
  chosenPhotosSchema,
  jobSchema,
  jobsSchema,
  photosSchema,
  photoUseSchema,
  photoWordsSchema,
  stampInputSchema,
  stampsSchema,
  useInputSchema,
} from './photos.ts';
import {
  boxQuerySchema,
  fetchedSchema,
  fetchInputSchema,
  hitsSchema,
  holidaysQuerySchema,
  holidaysSchema,
  imageSizeSchema,
  placesQuerySchema,
} from './places.ts';
import {
  ownersInputSchema,
  pageVersionsSchema,
  rulesSchema,
  runInputSchema,
  runSourcesSchema,
  runsSchema,
  shownRunSchema,
} from './runs.ts';
import { siteInputSchema, sitesSchema, siteTrialSchema, triedSiteSchema } from './sites.ts';

const created = { answer: createdSchema, status: 201 };
const begun = { answer: createdSchema, status: 202 };
const zip = { sends: 'application/zip' };
const text = { sends: 'text/plain' };

/**
 * The API: whatever can be asked of the server, below `/api`. The server registers from this table, the interface
 * asks and builds every link from it (by `paths.ts`), and `docs/api.md` is made from it. Every refusal is answered
 * with problem details (RFC 9457).
 */
export const api = {
  clients: endpoint(paths.clients, 'Clients that fit words, or have branches that do.', {
    query: clientsQuerySchema,
    answer: clientsSchema,
  }),
  addClient: endpoint(paths.addClient, 'Adds a client.', { body: clientInputSchema, ...created }),
  renameClient: endpoint(paths.renameClient, 'Renames a client.', { body: clientInputSchema }),
  deleteClient: endpoint(paths.deleteClient, 'Puts a client into the trash.'),
  restoreClient: endpoint(paths.restoreClient, 'Takes a client out of the trash.'),
  defaults: endpoint(paths.defaults, 'What all branches of a client have in common.', {
    answer: defaultsSchema,
  }),
  saveDefaults: endpoint(paths.saveDefaults, 'Saves it, against the version it began from.', {
    body: recordInputSchema,
    answer: savedSchema,
  }),
  columns: endpoint(paths.columns, 'What the columns of the client’s sheets hold.', {
    answer: columnsSchema,
  }),
  saveColumns: endpoint(paths.saveColumns, 'Keeps what its last sheet’s columns held.', {
    body: columnsSchema,
  }),
  records: endpoint(paths.records, 'All branches with their own records.', {
    answer: recordsSchema,
  }),
  branchesCsv: endpoint(paths.branchesCsv, 'The branches as a spreadsheet.', {
    sends: 'text/csv',
  }),
  clientMarkup: endpoint(paths.clientMarkup, 'The markup of all branches together.', {
    query: shapeQuerySchema,
    ...text,
  }),
  archive: endpoint(paths.archive, 'A whole client as one zip of open formats.', zip),
  takeArchive: endpoint(paths.takeArchive, 'Takes such a zip in; a line of JSON for each step.', {
    files: 'one',
    answer: archiveProgressSchema,
    sends: 'application/x-ndjson',
  }),
  branches: endpoint(paths.branches, 'A client’s branches with the state of each step.', {
    query: branchesQuerySchema,
    answer: branchesSchema,
  }),
  addBranch: endpoint(paths.addBranch, 'Adds a branch.', {
    body: branchInputSchema,
    ...created,
  }),
  importBranches: endpoint(paths.importBranches, 'Takes in branches: all or none.', {
    body: importInputSchema,
    answer: importedSchema,
    status: 201,
  }),
  search: endpoint(paths.search, 'Branches by words, over all clients or within one.', {
    query: searchQuerySchema,
    answer: foundBranchesSchema,
  }),
  branch: endpoint(paths.branch, 'A branch with its own facts and its client’s.', {
    answer: branchSchema,
  }),
  renameBranch: endpoint(paths.renameBranch, 'Renames a branch.', { body: branchInputSchema }),
  duplicateBranch: endpoint(paths.duplicateBranch, 'A copy without its own page, @id and pin.', {
    body: branchInputSchema,
    ...created,
  }),
  saveRecord: endpoint(paths.saveRecord, 'Saves its facts, against the version it began from.', {
    body: recordInputSchema,
    answer: savedSchema,
  }),
  deleteBranch: endpoint(paths.deleteBranch, 'Puts a branch into the trash.'),
  restoreBranch: endpoint(paths.restoreBranch, 'Takes a branch out of the trash.'),
  pages: endpoint(paths.pages, 'A client’s pages with what is placed on them.', {
    answer: pagesSchema,
  }),
  addPages: endpoint(paths.addPages, 'Takes in a page, or all pages of a zip: all or none.', {
    files: 'one',
    query: addPagesQuerySchema,
    answer: addedPagesSchema,
    status: 201,
  }),
  pagesZip: endpoint(paths.pagesZip, 'The pages as a zip: all, or those alone that were changed.', {
    query: pagesZipQuerySchema,
    ...zip,
  }),
  pageSource: endpoint(paths.pageSource, 'A page’s text.', text),
  pageFile: endpoint(paths.pageFile, 'A page’s bytes.', { sends: 'application/octet-stream' }),
  place: endpoint(paths.place, 'Places a branch’s markup, and reads the page back.', {
    body: placementInputSchema,
    answer: changedPageSchema,
  }),
  removePlaced: endpoint(paths.removePlaced, 'Takes it off again, to the byte.', {
    answer: changedPageSchema,
  }),
  handOver: endpoint(paths.handOver, 'What to paste for a branch, for whoever looks after its site.', {
    sends: 'text/html',
  }),
  clientHandOver: endpoint(paths.clientHandOver, 'What to paste for all branches of a client.', {
    sends: 'text/html',
  }),
  verifyLive: endpoint(
    paths.verifyLive,
    'Fetches the branch’s own page as a stranger would, and compares it.',
    {
      answer: livePageSchema,
    },
  ),
  liveHistory: endpoint(paths.liveHistory, 'What was read on its live page, the newest first.', {
    answer: liveHistorySchema,
  }),
  verified: endpoint(paths.verified, 'What was last read on the live pages of all branches.', {
    answer: allVerifiedSchema,
  }),
  verifyAll: endpoint(paths.verifyAll, 'Begins to verify the live pages of all branches.', begun),
  saveSchedule: endpoint(paths.saveSchedule, 'How often live pages are verified by themselves.', {
    body: scheduleSchema,
  }),
  sites: endpoint(paths.sites, 'A client’s sites; what signs in there is never told.', {
    answer: sitesSchema,
  }),
  addSite: endpoint(paths.addSite, 'Adds a site.', { body: siteInputSchema, ...created }),
  saveSite: endpoint(paths.saveSite, 'Changes a site; without a secret the kept one stays.', {
    body: siteInputSchema,
  }),
  deleteSite: endpoint(paths.deleteSite, 'Deletes a site and its pages here; the site itself stays.'),
  restoreSite: endpoint(paths.restoreSite, 'Brings a deleted site back with its pages.'),
  trySite: endpoint(paths.trySite, 'Tries a way to a site: signs in and looks what lies there.', {
    body: siteTrialSchema,
    answer: triedSiteSchema,
  }),
  readSite: endpoint(paths.readSite, 'Begins to read the pages of a site, as a run.', begun),
  saveOwners: endpoint(paths.saveOwners, 'Whose own pages they are, as somebody says.', {
    body: ownersInputSchema,
  }),
  rules: endpoint(paths.rules, 'The client’s own placements under their names.', {
    answer: rulesSchema,
  }),
  saveRules: endpoint(paths.saveRules, 'Keeps them.', { body: rulesSchema }),
  runs: endpoint(paths.runs, 'The client’s runs over pages, the newest first.', { answer: runsSchema }),
  addRun: endpoint(
    paths.addRun,
    'Begins a run with its preview; nothing is changed before it is published.',
    {
      body: runInputSchema,
      ...begun,
    },
  ),
  run: endpoint(paths.run, 'A run with its pages.', { answer: shownRunSchema }),
  publishRun: endpoint(paths.publishRun, 'Publishes what was previewed, or goes on with it.'),
  pauseRun: endpoint(paths.pauseRun, 'Stops it behind the page in hand.'),
  undoRun: endpoint(paths.undoRun, 'Takes back what it published, as a run of its own.', begun),
  discardRun: endpoint(paths.discardRun, 'Lets go of a run that has changed nothing.'),
  runSources: endpoint(
    paths.runSources,
    'A page of a run: as it was, as it is to be, and as others made it.',
    {
      answer: runSourcesSchema,
    },
  ),
  pageVersions: endpoint(paths.pageVersions, 'The versions that a page once had.', {
    answer: pageVersionsSchema,
  }),
  ledger: endpoint(paths.ledger, 'What carries facts that have changed since.', { answer: ledgerSchema }),
  deletePage: endpoint(paths.deletePage, 'Puts a page into the trash.'),
  restorePage: endpoint(paths.restorePage, 'Takes a page out of the trash.'),
  checks: endpoint(paths.checks, 'The client’s kept checks.', { answer: keptChecksSchema }),
  addCheck: endpoint(paths.addCheck, 'Begins a check of addresses, a sitemap or a site.', {
    body: checkInputSchema,
    ...begun,
  }),
  addFileCheck: endpoint(paths.addFileCheck, 'Begins a check of files.', {
    files: 'many',
    ...begun,
  }),
  check: endpoint(paths.check, 'A kept check with its pages, the worst first.', {
    answer: shownCheckSchema,
  }),
  checkedSource: endpoint(paths.checkedSource, 'What was fetched of a page.', {
    answer: checkedSourceSchema,
  }),
  foundOnPage: endpoint(paths.foundOnPage, 'The findings of a page.', {
    answer: foundOnPageSchema,
  }),
  comparison: endpoint(paths.comparison, 'What is new, gone and still there.', {
    answer: comparisonSchema,
  }),
  reportHtml: endpoint(paths.reportHtml, 'The findings as one page to hand on.', {
    sends: 'text/html',
  }),
  reportCsv: endpoint(paths.reportCsv, 'The findings as a spreadsheet.', {
    sends: 'text/csv',
  }),
  cancelCheck: endpoint(paths.cancelCheck, 'Stops a check; what was found is kept.'),
  deleteCheck: endpoint(paths.deleteCheck, 'Puts a check into the trash.'),
  restoreCheck: endpoint(paths.restoreCheck, 'Takes a check out of the trash.'),
  judging: endpoint(paths.judging, 'How the client’s sources are judged.', {
    answer: judgingSchema,
  }),
  saveJudging: endpoint(paths.saveJudging, 'Saves its profile and what it wants besides.', {
    body: profileInputSchema,
  }),
  addIgnore: endpoint(paths.addIgnore, 'Ignores a finding, with the reason why.', {
    body: ignoreInputSchema,
    answer: keptIgnoreSchema,
    status: 201,
  }),
  removeIgnore: endpoint(paths.removeIgnore, 'Tells it again.'),
  photos: endpoint(paths.photos, 'A branch’s photos with what they carry.', {
    answer: photosSchema,
  }),
  addPhoto: endpoint(paths.addPhoto, 'Takes in a photo, or all photos of a zip.', {
    files: 'one',
    answer: addedPhotosSchema,
    status: 201,
  }),
  photoWords: endpoint(paths.photoWords, 'Keeps the words that were typed for some photos.', {
    body: photoWordsSchema,
  }),
  photosZip: endpoint(paths.photosZip, 'The stamped photos as a zip, with a manifest.', {
    query: chosenPhotosSchema,
    ...zip,
  }),
  photosReport: endpoint(paths.photosReport, 'The photos on one page to hand on.', {
    query: chosenPhotosSchema,
    sends: 'text/html',
  }),
  branchStamp: endpoint(paths.branchStamp, 'What the branch’s next photos are stamped with.', {
    answer: branchStampSchema,
  }),
  saveBranchStamp: endpoint(paths.saveBranchStamp, 'Keeps it.', { body: branchStampSchema }),
  stamps: endpoint(paths.stamps, 'The client’s stamps under their names.', { answer: stampsSchema }),
  saveStamps: endpoint(paths.saveStamps, 'Keeps them.', { body: stampsSchema }),
  addPhotoUse: endpoint(paths.addPhotoUse, 'Notes where a photo went.', {
    body: useInputSchema,
    answer: photoUseSchema,
    status: 201,
  }),
  deletePhotoUse: endpoint(paths.deletePhotoUse, 'Forgets it.'),
  fetchPhotoUse: endpoint(paths.fetchPhotoUse, 'Fetches the photo back from there, and compares it.', {
    answer: photoUseSchema,
  }),
  thumbnail: endpoint(paths.thumbnail, 'A small picture of a photo.', { sends: 'image/webp' }),
  stampedPhoto: endpoint(paths.stampedPhoto, 'A photo as it was stamped.', { sends: 'image/jpeg' }),
  deletePhoto: endpoint(paths.deletePhoto, 'Puts a photo into the trash.'),
  restorePhoto: endpoint(paths.restorePhoto, 'Takes a photo out of the trash.'),
  stamp: endpoint(paths.stamp, 'Begins to stamp photos.', {
    body: stampInputSchema,
    answer: jobSchema,
    status: 202,
  }),
  openJobs: endpoint(paths.openJobs, 'The branch’s jobs that are not done.', {
    answer: jobsSchema,
  }),
  job: endpoint(paths.job, 'How far a job has come.', { answer: jobSchema }),
  cancelJob: endpoint(paths.cancelJob, 'Stops a job; what is done stays.', { answer: jobSchema }),
  pauseJob: endpoint(paths.pauseJob, 'Lets a job rest behind the photo in hand.', { answer: jobSchema }),
  resumeJob: endpoint(paths.resumeJob, 'Goes on with a job that rests.', { answer: jobSchema }),
  trash: endpoint(paths.trash, 'What was deleted and can be brought back.', { answer: trashSchema }),
  changes: endpoint(paths.changes, 'What can be undone as one.', { answer: changesSchema }),
  undo: endpoint(paths.undo, 'Undoes it, but for what was changed since.', {
    answer: undoneSchema,
  }),
  places: endpoint(paths.places, 'Hits of the address search.', {
    query: placesQuerySchema,
    answer: hitsSchema,
  }),
  mapLayer: endpoint(paths.mapLayer, 'What lies in a part of the map (GeoJSON).', {
    query: boxQuerySchema,
    answer: z.unknown(),
  }),
  holidays: endpoint(paths.holidays, 'The public holidays of a year.', {
    query: holidaysQuerySchema,
    answer: holidaysSchema,
  }),
  fetch: endpoint(paths.fetch, 'Fetches a page of the public web.', {
    body: fetchInputSchema,
    answer: fetchedSchema,
  }),
  imageSize: endpoint(paths.imageSize, 'The size of a picture elsewhere.', {
    body: fetchInputSchema,
    answer: imageSizeSchema,
  }),
} as const;
