export { end as default } from './seeded.ts';
