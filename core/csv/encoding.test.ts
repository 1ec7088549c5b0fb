import { describe, expect, test } from '@jest/globals';
import { decodeBytes } from '#core/text';
import { decodeCsv, guessCsvEncoding, readCsv, type CsvEncoding } from './index.ts';

/** A text in an encoding of the Encoding Standard, by asking its decoder what each byte or pair of bytes is. */
function encoded(text: string, encoding: CsvEncoding): Uint8Array {
  const bytesOf = new Map<string, readonly number[]>();
  const isDouble = /jis|euc|gb|big/.test(encoding);
  for (let lead = isDouble ? 255 : 0; lead >= 0x80; lead -= 1)
    for (let trail = 255; trail >= 0x30; trail -= 1)
      bytesOf.set(decodeBytes(new Uint8Array([lead, trail]), encoding), [lead, trail]);
  for (let byte = 255; byte >= 0; byte -= 1)
    bytesOf.set(decodeBytes(new Uint8Array([byte]), encoding), [byte]);
  const bytes = Array.from(text).flatMap((sign) => bytesOf.get(sign) ?? [0x3f]);
  const written = new Uint8Array(bytes);
  expect(decodeBytes(written, encoding)).toBe(text);
  return written;
}

describe('the encoding of a sheet', () => {
  test.each<[CsvEncoding, string]>([
    [
      'shift_jis',
      '店舗名,電話番号,住所\nみどり歯科医院,075-222-3344,三条通烏丸東入\nさくら薬局,03-1234-5678,神田\n',
    ],
    [
      'euc-jp',
      '店舗名,電話番号,住所\nみどり歯科医院,075-222-3344,三条通烏丸東入\nさくら薬局,03-1234-5678,神田\n',
    ],
    [
      'euc-kr',
      '상호,전화번호,주소\n한빛치과,02-345-6789,서울특별시 종로구\n달빛서점,051-234-5678,부산광역시\n',
    ],
    [
      'gb18030',
      '店名,电话,地址\n绿叶茶馆,010-65432100,东城区王府井大街\n晨光书店,021-54321000,黄浦区南京东路\n',
    ],
    ['big5', '店名,電話,地址\n綠葉茶館,02-2345-6789,中正區重慶南路一段\n晨光書店,04-2345-6789,中區中山路\n'],
    ['windows-1251', 'Название;Телефон;Адрес\nСтоматология «Улыбка»;+7 495 123-45-67;ул. Тверская, д. 12\n'],
    ['koi8-r', 'Название;Телефон;Адрес;Город\nСтоматология Улыбка;+7 495 123-45-67;ул. Тверская;Москва\n'],
    ['windows-1253', 'Όνομα;Τηλέφωνο;Διεύθυνση;Πόλη\nΦαρμακείο Ήλιος;210 123 4567;Ερμού 12;Αθήνα\n'],
    [
      'windows-1250',
      'Nazwa;Ulica;Miasto\nPiekarnia Złoty Kłos;ul. Świętej Gertrudy 5;Kraków\nPod Różą;Plac Solny 3;Wrocław\n',
    ],
    ['windows-1255', 'שם,טלפון,כתובת,עיר\nמרפאת שיניים הדר,03-1234567,רחוב הרצל 12,תל אביב\n'],
    ['windows-1256', 'الاسم,الهاتف,العنوان,المدينة\nصيدلية النور,01-2345678,شارع الحمرا 12,بيروت\n'],
    ['windows-874', 'ชื่อ,โทรศัพท์,ที่อยู่\nคลินิกทันตกรรมสุขใจ,02-345-6789,123 ถนนสุขุมวิท\n'],
    ['windows-1252', 'Nombre;Ciudad\nSeñor Taco;Málaga\n'],
    ['windows-1252', 'Nom;Ville\nBoulangerie Pâtissière;Besançon\n'],
    ['windows-1252', 'Name,Phone\nO’Neill’s Bar,020 7946 0018\n'],
    ['windows-1252', 'Name,Hours,Price\nThe “Quay”,Mon–Fri 9–17,€10–€20\n'],
    ['macintosh', 'Name,Hours,Price\nThe “Quay” Café,Mon–Fri 9–17,€10–€20\nO’Neill’s Crème,Mon–Fri,\n'],
  ])('is %s by its letters', (encoding, text) => {
    const bytes = encoded(text, encoding);
    expect(guessCsvEncoding(bytes)).toBe(encoding);
    expect(decodeCsv(bytes, encoding)).toBe(text);
  });

  test('is seen in a long sheet, wherever the part that is looked at ends', () => {
    const line = encoded('みどり歯科医院,三条通烏丸東入\n', 'shift_jis');
    for (const shift of [0, 1]) {
      const long = new Uint8Array(shift + line.length * 12_000);
      long.fill(0x61, 0, shift);
      for (let at = 0; at < 12_000; at += 1) long.set(line, shift + at * line.length);
      expect(guessCsvEncoding(long)).toBe('shift_jis');
    }
  });

  describe('of a few words is one of the language', () => {
    test.each<[CsvEncoding, string, string]>([
      ['windows-1251', 'ru-Cyrl-RU', 'file,title\nвход.jpg,Вход с улицы\n'],
      ['windows-1250', 'pl', 'file,title\na.jpg,Wejście od ulicy\n'],
      ['windows-1254', 'tr', 'file,title\na.jpg,Dükkânın girişi\n'],
      ['windows-1257', 'lt', 'file,title\na.jpg,Įėjimas iš gatvės\n'],
      ['euc-kr', 'ko', 'file,title\na.jpg,가게 입구\n'],
      ['big5', 'zh-Hant-TW', 'file,title\na.jpg,店面入口\n'],
      ['gb18030', 'zh-Hans-CN', 'file,title\na.jpg,店面入口\n'],
      ['windows-874', 'th', 'file,title\na.jpg,ทางเข้าร้าน\n'],
    ])('%s, %s', (encoding, language, text) => {
      expect(guessCsvEncoding(encoded(text, encoding), { language })).toBe(encoding);
    });

    test.each<[string, string]>([
      ['ru', 'file,title\na.jpg,Crème brûlée\n'],
      ['ko', 'file,title\na.jpg,Café\n'],
      ['pl', 'file,title\na.jpg,Tür – außen\n'],
      ['de', 'file,title\na.jpg,Tür – außen\n'],
    ])('but not where that makes no words: %s', (language, text) => {
      const bytes = encoded(text, 'windows-1252');
      expect(decodeCsv(bytes, guessCsvEncoding(bytes, { language }))).toBe(text);
    });
  });

  test('is the one in which most of its headings are known, where letters alone do not tell', () => {
    const known = (line: string): number =>
      line.split(';').filter((one) => ['Název', 'Město', 'PSČ', 'Adı', 'Şehir'].includes(one)).length;
    const czech = encoded('Název;Město;PSČ\nPekařství U Tří růží;Praha;130 00\n', 'windows-1250');
    expect(guessCsvEncoding(czech, { known })).toBe('windows-1250');
    const turkish = encoded('Adı;Şehir\nGüneş Diş;Beyoğlu\n', 'windows-1254');
    expect(guessCsvEncoding(turkish, { known })).toBe('windows-1254');
    const polish = encoded('Nazwa;Ulica\nŚlusarz;Łąkowa 5, Źródła, Świętej\nŻółta;Kępa, Dąb\n', 'iso-8859-2');
    expect(guessCsvEncoding(polish, { known: (line) => (line === 'Nazwa;Ulica' ? 1 : 0) })).toMatch(
      /iso-8859-2|windows-1252/,
    );
  });
});

test.each([
  ['a packed workbook', [0x50, 0x4b, 0x03, 0x04, 0x14, 0, 0, 0, 8, 0, 0, 0]],
  ['an older workbook', [0xd0, 0xcf, 0x11, 0xe0, 0xa1, 0xb1, 0x1a, 0xe1, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0]],
  ['a PDF', [0x25, 0x50, 0x44, 0x46, 0x2d, 0x31]],
])('%s is told to be no CSV', (_, start) => {
  const bytes = new Uint8Array(start);
  expect(readCsv(decodeCsv(bytes, guessCsvEncoding(bytes)))).toMatchObject({
    ok: false,
    message: expect.stringContaining('Save its sheet as CSV'),
  });
});
