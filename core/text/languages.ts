/** The languages whose names of countries and months are known (Unicode CLDR), ISO 639-1; the first goes before. */
export const namedLanguages: readonly string[] =
  'en de fr es it nl pt pl sv da nb fi cs el ja ko zh zh-Hant ru uk bg tr hu ro hr sr sl sk lt lv et he ar th vi id ca'.split(
    ' ',
  );
