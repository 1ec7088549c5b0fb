export * from './notation.ts';
export * from './pin.ts';
