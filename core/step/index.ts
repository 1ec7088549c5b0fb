export { nextStep } from './next.ts';
export { pagesStep, photosStep, recordStep } from './state.ts';
export * from './step.ts';
