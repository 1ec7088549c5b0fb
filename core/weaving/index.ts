export { weaveBytes, type WovenBytes } from './bytes.ts';
export { corrections, correctsSchema, type Corrects } from './corrections.ts';
export type { Difference } from './differences.ts';
export { isMarked, isWoven, unweave, unweaving } from './marks.ts';
export { staleDifferences } from './stale.ts';
export { labelOf, toldOfDifferences, toldOfWeaving } from './told.ts';
export { weave, wovenSyntaxes, type WeaveChoices, type WeaveResult, type WovenSyntax } from './weaving.ts';
