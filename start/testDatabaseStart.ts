export { start as default } from './testDatabase.ts';
