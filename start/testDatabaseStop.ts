export { stop as default } from './testDatabase.ts';
