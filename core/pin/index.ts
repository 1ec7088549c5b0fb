export * from './pin.ts';
