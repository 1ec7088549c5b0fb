export * from './already.ts';
export * from './bytes.ts';
export * from './forms.ts';
export { handOverSheet } from './handOver.ts';
export * from './live.ts';
export * from './placements.ts';
export * from './placing.ts';
export * from './preset.ts';
export * from './verifying.ts';
