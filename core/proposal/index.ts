export * from './accept.ts';
export * from './proposal.ts';
export * from './propose.ts';
export * from './takeIn.ts';
