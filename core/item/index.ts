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
export { eachItem, Visited, type Met } from './visited.ts';
