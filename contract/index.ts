export * from './branches.ts';
export * from './checks.ts';
export * from './clients.ts';
export * from './limits.ts';
export * from './pages.ts';
export * from './photos.ts';
export * from './places.ts';
export * from './problem.ts';
