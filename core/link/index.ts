export * from './email.ts';
export * from './link.ts';
export * from './pagePath.ts';
export * from './profile.ts';
export { isSlipOfHost } from './slips.ts';
