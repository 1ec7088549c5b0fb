export * from './access.ts';
export { matchPage, pageMatchSchema, type PageMatch } from './matching.ts';
export { placementRuleSchema, ruledPages, type PlacementRule } from './rule.ts';
export { pageJudgementSchema, planPage, type PageAct } from './plan.ts';
