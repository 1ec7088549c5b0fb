export * from './areas.ts';
export * from './compound.ts';
export * from './detail.ts';
export { readEntries, writeEntries, type Entry } from './entries.ts';
export * from './grade.ts';
export * from './groups.ts';
export * from './kind.ts';
export * from './kept.ts';
export * from './lists.ts';
export { menus } from './menus.ts';
export {
  countMeant,
  currenciesMeant,
  emailMeant,
  starsMeant,
  timeMeant,
  urlMeant,
  yesNoMeant,
} from './meant.ts';
export * from './picture.ts';
export * from './placeholder.ts';
export { isPageTitle } from './templateWords.ts';
export * from './services.ts';
export * from './text.ts';
export { judgeVat } from './vat.ts';
