export * from './find.ts';
export * from './hours.ts';
export { oddTimeIn } from './oddTime.ts';
export * from './open.ts';
export { withoutRemarks } from './remarks.ts';
export * from './special.ts';
export * from './strip.ts';
export { clockTime, isMachineTime, minutesOf } from './time.ts';
export * from './week.ts';
