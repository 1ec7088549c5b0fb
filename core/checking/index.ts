export { check, type Check, type CheckOptions } from './check.ts';
export { findingSchema, findingsPage, type Finding, type Summary } from './finding.ts';
export type { MarkupCell, ThreeWayRow, VisitorCell } from './threeWay.ts';
