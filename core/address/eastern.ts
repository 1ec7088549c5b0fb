import { emptyAddress, type Address } from './address.ts';

/**
 * Addresses as Japan, Korea, China, Taiwan and Thailand write them in their own script: from the large to the small,
 * or with words that say what each part is, and hardly a comma. Undefined where the text is none of them.
 */
export function readEastern(text: string, home: string): Address | undefined {
  const flat = text.slice(0, 1000).normalize('NFKC').replace(/\s+/g, ' ').trim();
  return readJapanese(flat, home) ?? readKorean(flat) ?? readChinese(flat, home) ?? readThai(flat);
}

/** Towns whose names hold the word that ends others. */
const JAPANESE_TOWNS =
  '四日市市|廿日市市|野々市市|八日市場市|十日町市|市川市|市原市|大町市|町田市|村山市|東村山市|武蔵村山市|村上市|羽村市|大村市|田村市|余市町|玉村町|佐波郡玉村町|大和郡山市|郡山市|郡上市|蒲郡市|小郡市';
const KANA_AND_KANJI = '[\\p{Script=Han}\\p{Script=Hiragana}\\p{Script=Katakana}ー]';
/** Postal code, prefecture, town and the rest. */
const JAPANESE = new RegExp(
  `^(〒?\\s*\\d{3}[-‐–−－]?\\d{4})?\\s*(?:日本国?[、,]?\\s*)?(東京都|北海道|(?:京都|大阪)府|\\p{Script=Han}{2,3}県)?\\s*` +
    `(${JAPANESE_TOWNS}|${KANA_AND_KANJI}{1,6}?郡${KANA_AND_KANJI}{1,6}?[町村]|${KANA_AND_KANJI}{1,10}?[市区町村])\\s*(.*)$`,
  'u',
);

function readJapanese(text: string, home: string): Address | undefined {
  const [, written = '', region = '', town = '', rest = ''] = JAPANESE.exec(text) ?? [];
  // A town by itself is Japanese where the code's mark or the country says so.
  if (!town || (!region && home !== 'JP' && !written.startsWith('〒'))) return undefined;
  // A ward of a large city belongs to its town: 大阪市北区.
  const ward = town.endsWith('市') ? (/^\p{Script=Han}{1,4}区/u.exec(rest)?.[0] ?? '') : '';
  const behind = /^(.*?)\s*〒?\s*(\d{3}-\d{4})$/u.exec(written ? '' : rest);
  return {
    streetAddress: (behind?.[1] ?? rest)
      .slice(ward.length)
      .trim()
      .replace(/,?\s*(?:日本|Japan)$/i, ''),
    addressLocality: town + ward,
    addressRegion: region,
    postalCode: behind?.[2] ?? written.replace(/^\D*(\d{3})\D?(\d{4})$/, '$1-$2'),
    addressCountry: 'JP',
  };
}

const KOREAN =
  /^(?:(?:우편번호|우)?\s*[([]?\s*(?:우\s*)?\)?\s*(\d{5}|\d{3}-\d{3})\s*[)\]]?\s*)?(?:대한민국\s*)?((?:서울|부산|대구|인천|광주|대전|울산|세종|경기|강원|충청[남북]|충[남북]|전라[남북]|전[남북]|경상[남북]|경[남북]|제주)(?:특별자치시|특별자치도|특별시|광역시|시|도)?)\s+((?:\p{Script=Hangul}+[시군구])(?:\s+\p{Script=Hangul}+구)?(?=\s))?\s*(.*)$/u;

function readKorean(text: string): Address | undefined {
  const [, first = '', region, town = '', rest = ''] = KOREAN.exec(text) ?? [];
  if (!region) return undefined;
  const street = rest.replace(/,?\s*(?:대한민국|한국)$/u, '');
  const behind = /^(.*?[^\s([])[,\s]+[([]?\s*(?:우(?:편번호)?\s*:?\s*)?(\d{5})\s*[)\]]?$/u.exec(
    first ? '' : street,
  );
  return {
    streetAddress: (behind?.[1] ?? street).trim().replace(/,$/, ''),
    // A city that has no districts, or whose region it is itself: 세종특별자치시 한누리대로 2130.
    addressLocality: town || region,
    addressRegion: town ? region : '',
    postalCode: first || (behind?.[2] ?? ''),
    addressCountry: 'KR',
  };
}

const MUNICIPALITIES = '(?:北京|天津|上海|重庆|重慶)市?';
/** Postal code, province or municipality, town or district, and the rest; of mainland China. */
const CHINESE = new RegExp(
  `^(?:邮编:?\\s*)?(\\d{6})?\\s*(?:中国|中华人民共和国)?\\s*(${MUNICIPALITIES}|\\p{Script=Han}{2,3}省|\\p{Script=Han}{2,8}自治区)\\s*` +
    `(\\p{Script=Han}{2,10}?(?:市|自治州|地区|盟|区|县))\\s*(.*)$`,
  'u',
);
/** The same where a municipality is the town itself: the street right behind it. */
const OF_MUNICIPALITY = new RegExp(
  `^(?:邮编:?\\s*)?(\\d{6})?[\\s,]*(?:中国)?\\s*(${MUNICIPALITIES})()[\\s,]*(\\p{Script=Han}{1,8}[路街道巷弄].*)$`,
  'u',
);
const TAIWANESE =
  /^(\d{3}(?:\d{2,3})?)?[\s,]*(?:台灣|臺灣|中華民國)?\s*(\p{Script=Han}{2}[市縣])\s*(\p{Script=Han}{1,4}?[區鄉鎮市])?\s*(.*)$/u;

function readChinese(text: string, home: string): Address | undefined {
  const mainland = home === 'TW' ? undefined : CHINESE.exec(text);
  const isTaiwanese = home === 'TW' || /^(?:\d{3,6})?\s*(?:台灣|臺灣|台|臺|新北|桃園|高雄|基隆)/u.test(text);
  const city = home === 'TW' || mainland ? undefined : OF_MUNICIPALITY.exec(text);
  const found = mainland ?? city ?? (isTaiwanese ? TAIWANESE.exec(text) : undefined);
  const [, first = '', region, town = '', rest = ''] = found ?? [];
  if (!region) return undefined;
  const behind = /^(.*?)[,，\s]*(?:邮编|邮政编码|郵遞區號)?:?\s*(\d{6}|\d{3})$/u.exec(first ? '' : rest);
  return {
    streetAddress: (behind?.[1] ?? rest).trim(),
    addressLocality: town || region,
    addressRegion: town ? region : '',
    postalCode: first || (behind?.[2] ?? ''),
    addressCountry: (mainland ?? city) ? 'CN' : 'TW',
  };
}

/** District and province or Bangkok, each with its word or its short form. */
const THAI =
  /^(.*?)\s*((?:เขต|อำเภอ|อ\.)\s*[\p{Script=Thai}]+)\s*,?\s*((?:จังหวัด|จ\.)\s*[\p{Script=Thai}]+|กรุงเทพ(?:มหานคร|ฯ)?|กทม\.?)\s*,?\s*(\d{5})?\s*(?:ประเทศไทย|ไทย)?$/u;

function readThai(text: string): Address | undefined {
  const [, street = '', town, region = '', postalCode = ''] = THAI.exec(text) ?? [];
  return town
    ? {
        ...emptyAddress,
        streetAddress: street.replace(/,$/, ''),
        addressLocality: town,
        addressRegion: region,
        postalCode,
        addressCountry: 'TH',
      }
    : undefined;
}
