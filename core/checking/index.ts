export { check, checker, checkReading, type Check, type CheckOptions } from './check.ts';
export { examples, siteExamples } from './examples.ts';
export { excerptOf, fits, ignoreSchema, type Ignore, type Ignored } from './ignore.ts';
export { contradictingPages } from './pages.ts';
export * from './profile.ts';
export { judgeShownBranches } from './shownAlone.ts';
export * from './site.ts';
export { surroundingsOf } from './surroundings.ts';
export { judgeWritten } from './written.ts';
