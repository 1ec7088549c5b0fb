export { nextStep } from './next.ts';
export * from './state.ts';
export * from './step.ts';
