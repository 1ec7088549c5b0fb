export { comparedFacts, comparedOf, type RowFact } from './compared.ts';
export * from './contradiction.ts';
export * from './description.ts';
export * from './difference.ts';
export * from './identity.ts';
export { knownBranches, telephonesOf, type SiteBranch } from './knownBranches.ts';
export { describedBranch, threeWay, type MarkupCell, type ThreeWayRow } from './threeWay.ts';
export { numbersIn } from './telephones.ts';
export { VisitorSearch, type OfOthers, type Seen } from './visitor.ts';
