export { weaveBytes, type WovenBytes } from './bytes.ts';
export type { Difference } from './differences.ts';
export { isWoven, unweave, unweaving } from './marks.ts';
export {
  weave,
  wovenSyntaxes,
  type FactPlace,
  type WeaveChoices,
  type WeaveResult,
  type WovenSyntax,
} from './weaving.ts';
