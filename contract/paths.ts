import type { Trashed } from './changes.ts';
import type { ParametersOf } from './endpoint.ts';

/**
 * Where everything that can be asked of the server is found, below `/api`: the light half of the table, for the
 * interface, which has no need of the schemas. `api.ts` says what is asked and answered.
 */
export const paths = {
  clients: ['GET', '/clients'],
  addClient: ['POST', '/clients'],
  renameClient: ['PATCH', '/clients/:id'],
  deleteClient: ['DELETE', '/clients/:id'],
  restoreClient: ['POST', '/clients/:id/restore'],
  defaults: ['GET', '/clients/:id/defaults'],
  saveDefaults: ['PUT', '/clients/:id/defaults'],
  columns: ['GET', '/clients/:id/columns'],
  saveColumns: ['PUT', '/clients/:id/columns'],
  records: ['GET', '/clients/:id/records'],
  branchesCsv: ['GET', '/clients/:id/branches.csv'],
  clientMarkup: ['GET', '/clients/:id/markup'],
  archive: ['GET', '/clients/:id/archive.zip'],
  takeArchive: ['POST', '/clients/archive'],
  branches: ['GET', '/clients/:id/branches'],
  addBranch: ['POST', '/clients/:id/branches'],
  importBranches: ['POST', '/clients/:id/branches/import'],
  search: ['GET', '/search'],
  branch: ['GET', '/branches/:id'],
  renameBranch: ['PATCH', '/branches/:id'],
  duplicateBranch: ['POST', '/branches/:id/duplicate'],
  saveRecord: ['PUT', '/branches/:id/record'],
  deleteBranch: ['DELETE', '/branches/:id'],
  restoreBranch: ['POST', '/branches/:id/restore'],
  pages: ['GET', '/clients/:id/pages'],
  addPages: ['POST', '/clients/:id/pages'],
  pagesZip: ['GET', '/clients/:id/pages.zip'],
  pageSource: ['GET', '/pages/:id/source'],
  pageFile: ['GET', '/pages/:id/download'],
  place: ['PUT', '/pages/:id/placements'],
  removePlaced: ['DELETE', '/pages/:id/placements/:form'],
  deletePage: ['DELETE', '/pages/:id'],
  restorePage: ['POST', '/pages/:id/restore'],
  checks: ['GET', '/clients/:id/checks'],
  addCheck: ['POST', '/clients/:id/checks'],
  addFileCheck: ['POST', '/clients/:id/checks/files'],
  check: ['GET', '/checks/:id'],
  checkedSource: ['GET', '/checks/:id/pages/:page/source'],
  foundOnPage: ['GET', '/checks/:id/pages/:page/findings'],
  comparison: ['GET', '/checks/:id/compare/:other'],
  reportHtml: ['GET', '/checks/:id/report.html'],
  reportCsv: ['GET', '/checks/:id/report.csv'],
  cancelCheck: ['POST', '/checks/:id/cancel'],
  deleteCheck: ['DELETE', '/checks/:id'],
  restoreCheck: ['POST', '/checks/:id/restore'],
  judging: ['GET', '/clients/:id/judging'],
  saveJudging: ['PUT', '/clients/:id/judging'],
  addIgnore: ['POST', '/clients/:id/ignores'],
  removeIgnore: ['DELETE', '/clients/:id/ignores/:ignore'],
  photos: ['GET', '/branches/:id/photos'],
  addPhoto: ['POST', '/branches/:id/photos'],
  photoWords: ['PUT', '/branches/:id/photos/words'],
  photosZip: ['GET', '/branches/:id/photos.zip'],
  photosReport: ['GET', '/branches/:id/photos.html'],
  branchStamp: ['GET', '/branches/:id/stamp'],
  saveBranchStamp: ['PUT', '/branches/:id/stamp'],
  stamps: ['GET', '/clients/:id/stamps'],
  saveStamps: ['PUT', '/clients/:id/stamps'],
  addPhotoUse: ['POST', '/photos/:id/uses'],
  deletePhotoUse: ['DELETE', '/photo-uses/:id'],
  fetchPhotoUse: ['POST', '/photo-uses/:id/fetch'],
  thumbnail: ['GET', '/photos/:id/thumbnail'],
  stampedPhoto: ['GET', '/photos/:id/stamped'],
  deletePhoto: ['DELETE', '/photos/:id'],
  restorePhoto: ['POST', '/photos/:id/restore'],
  stamp: ['POST', '/branches/:id/stamps'],
  openJobs: ['GET', '/branches/:id/jobs'],
  job: ['GET', '/jobs/:id'],
  cancelJob: ['DELETE', '/jobs/:id'],
  pauseJob: ['POST', '/jobs/:id/pause'],
  resumeJob: ['POST', '/jobs/:id/resume'],
  trash: ['GET', '/trash'],
  changes: ['GET', '/clients/:id/changes'],
  undo: ['POST', '/changes/:id/undo'],
  places: ['GET', '/places/search'],
  mapLayer: ['GET', '/places/:layer'],
  holidays: ['GET', '/holidays'],
  handOver: ['GET', '/branches/:id/hand-over.html'],
  clientHandOver: ['GET', '/clients/:id/hand-over.html'],
  verifyLive: ['POST', '/branches/:id/live'],
  liveHistory: ['GET', '/branches/:id/live'],
  verified: ['GET', '/clients/:id/live'],
  verifyAll: ['POST', '/clients/:id/live'],
  saveSchedule: ['PUT', '/clients/:id/live'],
  sites: ['GET', '/clients/:id/sites'],
  addSite: ['POST', '/clients/:id/sites'],
  saveSite: ['PUT', '/sites/:id'],
  deleteSite: ['DELETE', '/sites/:id'],
  restoreSite: ['POST', '/sites/:id/restore'],
  trySite: ['POST', '/sites/try'],
  readSite: ['POST', '/sites/:id/read'],
  saveOwners: ['PUT', '/clients/:id/owners'],
  rules: ['GET', '/clients/:id/rules'],
  saveRules: ['PUT', '/clients/:id/rules'],
  runs: ['GET', '/clients/:id/runs'],
  addRun: ['POST', '/clients/:id/runs'],
  run: ['GET', '/runs/:id'],
  publishRun: ['POST', '/runs/:id/publish'],
  pauseRun: ['POST', '/runs/:id/pause'],
  undoRun: ['POST', '/runs/:id/undo'],
  discardRun: ['DELETE', '/runs/:id'],
  runSources: ['GET', '/runs/:id/pages/:page'],
  pageVersions: ['GET', '/pages/:id/versions'],
  ledger: ['GET', '/clients/:id/ledger'],
  fetch: ['POST', '/fetch'],
  imageSize: ['POST', '/image-size'],
} as const;

type Paths = typeof paths;
/** A part of an address as text: numbers, flags and words; what is no such thing is left empty. */
const textOf = (value: unknown): string =>
  ['string', 'number', 'boolean'].includes(typeof value) ? `${value as string | number | boolean}` : '';

export type EndpointName = keyof Paths;
export type PathParameters<Name extends EndpointName> = Readonly<ParametersOf<Paths[Name][1]>>;

/** The address of an endpoint with the parts of its path, and its query, filled in. */
export function linkTo<Name extends EndpointName>(
  name: Name,
  parameters: PathParameters<Name>,
  query: Readonly<Record<string, unknown>> = {},
): string {
  const given = Object(parameters) as Readonly<Record<string, unknown>>;
  const filled = paths[name][1].replace(/:(\w+)/g, (_, part: string) =>
    encodeURIComponent(textOf(given[part])),
  );
  const asked = new URLSearchParams(
    Object.entries(query).flatMap(([key, value]) =>
      value === undefined ? [] : [[key, textOf(value)] as [string, string]],
    ),
  ).toString();
  return `/api${filled}${asked ? `?${asked}` : ''}`;
}

/** What deletes and restores each kind of thing. */
export const trashing = {
  clients: ['deleteClient', 'restoreClient'],
  branches: ['deleteBranch', 'restoreBranch'],
  pages: ['deletePage', 'restorePage'],
  photos: ['deletePhoto', 'restorePhoto'],
  checks: ['deleteCheck', 'restoreCheck'],
} as const satisfies Readonly<Record<Trashed['kind'], readonly [EndpointName, EndpointName]>>;
