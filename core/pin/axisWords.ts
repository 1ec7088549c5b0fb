/** Words that name an axis or a side of it, in the languages that write them, and the mark that stands for each here. */
const WORDS: readonly (readonly [RegExp, string])[] = [
  [/北緯|北纬|북위|с\.? ?ш\.?|пн\.? ?ш\.?/giu, 'N'],
  [/南緯|南纬|남위|ю\.? ?ш\.?|пд\.? ?ш\.?/giu, 'S'],
  [/東経|东经|東經|동경|в\.? ?д\.?|сх\.? ?д\.?/giu, 'E'],
  [/西経|西经|西經|서경|з\.? ?д\.?|зх\.? ?д\.?/giu, 'W'],
  [/緯度|纬度|위도|широта|ширина|πλάτος/giu, 'φ'],
  [/経度|经度|經度|경도|долгота|довгота|дължина|μήκος/giu, 'λ'],
  [
    /(?<!\p{L})(?:(?:geo\w*\.? )?(?:latitude|latitudine|latitud|breitengrad|breite|breddegrad|bredde|latitud|szerokość|leveysaste|leveys|enlem|šířka|vĩ độ|lat))(?!\p{L})/giu,
    'φ',
  ],
  [
    /(?<!\p{L})(?:(?:geo\w*\.? )?(?:longitude|longitudine|longitud|längengrad|länge|lengdegrad|længdegrad|lengde|długość|pituusaste|pituus|boylam|délka|kinh độ|long|lon|lng))(?!\p{L})/giu,
    'λ',
  ],
  [/(?<!\p{L})(?:north|nord|norte|noord|norr|pohjoinen|n)(?!\p{L})/giu, 'N'],
  [/(?<!\p{L})(?:south|süd|sud|sur|sul|zuid|syd|s)(?!\p{L})/giu, 'S'],
  [/(?<!\p{L})(?:east|ost|est|este|leste|oost|öst|øst|ö|e)(?!\p{L})/giu, 'E'],
  [/(?<!\p{L})(?:west|ouest|oeste|ovest|väst|vest|w)(?!\p{L})/giu, 'W'],
];

/**
 * A text with N, S, E and W for the sides, φ and λ for the axes and °, ′ and ″ as °, ' and ": each a mark of its own. An "O"
 * is left: it is the east in German and the west in Spanish.
 */
export function axisMarks(text: string): string {
  const units = text
    .replace(/["'](?=\p{L}[^"']*["']\s*:)|(?<=\p{L})["'](?=\s*:)/gu, ' ')
    .replace(/(:\s*)"([^"°']*)"/g, '$1$2')
    // "GPS:" says nothing of the axes.
    .replace(
      /^(?:gps|coordinates?|co-ordinates|koordinaten|coordonnées|coordenadas|coordinate|coördinaten|koordinater|position|pin|location|座標|坐标)\s*:?\s+/iu,
      '',
    )
    .replace(/[º˚度도]|(?<=\d)\s*(?:deg|d)(?!\p{L})/gu, '°')
    .replace(/[’′ʹ分분]|(?<=\d)\s*(?:min|m)(?!\p{L})/gu, "'")
    .replace(/[”″ʺ秒초“]|''|(?<=\d)\s*sec(?!\p{L})|(?<='\s*\d{1,2}(?:\.\d{1,9})?)s/gu, '"');
  return WORDS.reduce((marked, [words, mark]) => marked.replace(words, ` ${mark} `), units).replace(
    /(?<=[φλ]\s*)\./gu,
    ' ',
  );
}
