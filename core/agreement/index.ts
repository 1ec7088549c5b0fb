export { withAccentsOf } from './accents.ts';
export { comparedFacts, comparedOf, type RowFact } from './compared.ts';
export * from './contradiction.ts';
export * from './description.ts';
export * from './difference.ts';
export * from './identity.ts';
export { knownBranches, telephonesOf, type SiteBranch } from './knownBranches.ts';
export { placeOfHours } from './hoursPlace.ts';
export { seenInPicture } from './pictures.ts';
export { describedBranch, threeWay, type MarkupCell, type ThreeWayRow } from './threeWay.ts';
export {
  callsAnother,
  isCalled,
  isCode,
  isFaxAlone,
  isOtherwiseCalled,
  isPlainlyOne,
  isRegistered,
  numbersIn,
  telephonesAmong,
} from './telephones.ts';
export { weeksOfPage } from './pageText.ts';
export type { Seen } from './seen.ts';
export { VisitorSearch, type OfOthers } from './visitor.ts';
export { vatNumberIn } from './vatNumbers.ts';
