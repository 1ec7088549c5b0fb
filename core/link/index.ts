export * from './email.ts';
export * from './link.ts';
export * from './profile.ts';
