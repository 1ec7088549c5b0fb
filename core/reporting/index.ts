export * from './compare.ts';
export { factsPage } from './factsPage.ts';
export { findingsPage } from './findingsPage.ts';
export * from './report.ts';
export { sarifLog } from './sarif.ts';
