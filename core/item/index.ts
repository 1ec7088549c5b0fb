export {
  JsonOfSource,
  jsonOfMarkup,
  jsonValues,
  markupItemOfJson,
  readOfJson,
  type JsonItem,
  type JsonValue,
} from './json.ts';
export * from './read.ts';
export * from './written.ts';
export { eachItem, Visited } from './visited.ts';
