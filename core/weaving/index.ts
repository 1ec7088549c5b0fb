export { weaveBytes, type WovenBytes } from './bytes.ts';
export { isMarked, isWoven, unweave, unweaving } from './marks.ts';
export { weave, wovenSyntaxes, type WeaveChoices, type WeaveResult, type WovenSyntax } from './weaving.ts';
