export * from './find.ts';
export * from './hours.ts';
export * from './open.ts';
export * from './special.ts';
export { isMachineTime } from './time.ts';
export * from './week.ts';
