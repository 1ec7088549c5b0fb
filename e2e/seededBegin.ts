export { begin as default } from './seeded.ts';
