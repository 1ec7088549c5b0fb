export * from './hours.ts';
export { isMachineTime } from './time.ts';
