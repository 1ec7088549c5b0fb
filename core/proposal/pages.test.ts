import { describe, expect, test } from '@jest/globals';
import { readSource } from '#core/reading';
import { loadTypeOfWord } from '#core/vocabulary';
import { propose } from './index.ts';

/** What is proposed of a page of nothing but text, by fact or whole. */
function seen(
  body: string,
  language: string,
  url = 'https://shop.example/',
): Readonly<Record<string, readonly string[]>> {
  const source = `<!doctype html><html lang="${language}"><head></head><body>${body}</body></html>`;
  const found: Record<string, string[]> = {};
  for (const { unit, shown, values } of propose(readSource(source, url), url))
    (found[unit] ??= []).push(unit === 'address' ? values.map(({ text }) => text).join(' ; ') : shown);
  return found;
}

describe('a page of another country', () => {
  test.each([
    [
      'de',
      '<p>Hafenbad 12 · 89073 Ulm</p><p>Telefon 0731 / 901 23 45, Fax 0731 / 901 23 46</p><p>Di–Fr 9.30–18.30 Uhr, Sa 9.30–14 Uhr. Betriebsferien vom 24.12.2026 bis 6.1.2027.</p>',
      'Hafenbad 12 ; Ulm ; 89073 ; DE',
      ['0731 / 901 23 45'],
      'Tue–Fri 09:30-18:30; Sat 09:30-14:00',
    ],
    [
      'de',
      '<p>Linzer Gasse 12/3, A-5020 Salzburg</p><p>+43 (0)662 / 12 34 56</p><p>Do–Mo 11:30–22:00 Uhr</p>',
      'Linzer Gasse 12/3 ; Salzburg ; 5020 ; AT',
      ['+43 (0)662 / 12 34 56'],
      'Mon 11:30-22:00; Thu–Sun 11:30-22:00',
    ],
    [
      'fr',
      '<p>3, quai de la Fraternité – 29900 Concarneau</p><p>Tél. 02 98 55 01 23</p>',
      '3, quai de la Fraternité ; Concarneau ; 29900 ; FR',
      ['02 98 55 01 23'],
      undefined,
    ],
    [
      'fi',
      '<p>Satamakatu 5 A, 33200 Tampere</p><p>Puh. 040 123 4567</p><p>Avoinna ma–pe 7.30–18, la 9–16, su suljettu</p>',
      'Satamakatu 5 A ; Tampere ; 33200 ; FI',
      ['040 123 4567'],
      'Mon–Fri 07:30-18:00; Sat 09:00-16:00; Sun closed',
    ],
    [
      'nl',
      '<p>Keizersgracht 123-II, 1015 CJ Amsterdam, tel. 020-1234567</p>',
      'Keizersgracht 123-II ; Amsterdam ; 1015 CJ ; NL',
      ['020-1234567'],
      undefined,
    ],
    [
      'pt-BR',
      '<p>Rua Augusta, 1500 – Consolação<br>São Paulo – SP, CEP 01304-001</p><p>WhatsApp (11) 91234-5678</p>',
      'Rua Augusta, 1500 – Consolação ; São Paulo ; SP ; 01304-001 ; BR',
      ['(11) 91234-5678'],
      undefined,
    ],
    [
      'pt',
      '<p>Visite-nos! Praça do Comércio, 1100-148 Lisboa</p><p>Tel. 21 346 12 34</p>',
      'Praça do Comércio ; Lisboa ; 1100-148 ; PT',
      ['21 346 12 34'],
      undefined,
    ],
    [
      'tr',
      '<p>İstiklal Cad. No: 123 Kat: 2, 34433 Beyoğlu / İstanbul</p><p>Tel: 0212 345 67 89</p>',
      'İstiklal Cad. No: 123 Kat: 2 ; Beyoğlu ; İstanbul ; 34433 ; TR',
      ['0212 345 67 89'],
      undefined,
    ],
    [
      'ja',
      '<p>〒１５０−０００２　東京都渋谷区渋谷２−１２−４　ＡＢＣビル３Ｆ</p><p>電話　０３−６２７７−１２３４</p>',
      '渋谷2−12−4 ABCビル3F ; 渋谷区 ; 東京都 ; 150-0002 ; JP',
      ['03−6277−1234'],
      undefined,
    ],
    [
      'ko',
      '<p>서울시 강남구 테헤란로 123 4층 (우 06133)</p><p>전화 02-345-6789</p>',
      '테헤란로 123 4층 ; 강남구 ; 서울시 ; 06133 ; KR',
      ['02-345-6789'],
      undefined,
    ],
    [
      'en',
      '<p>214 Quay Street, Bellingham, WA 98225 · (360) 555-0142 · Mon–Fri 8–6</p>',
      '214 Quay Street ; Bellingham ; WA ; 98225 ; US',
      ['(360) 555-0142'],
      'Mon–Fri 08:00-18:00',
    ],
    [
      'it',
      '<p>Ci trovate in Via Roma, 12 - 35122 Padova (PD). Tel. 049 876 5432 - P.IVA 01234567890</p><p>Lun-Ven 8:30-12:30 / 15:00-19:00, sabato mattina 9-13</p>',
      'Via Roma, 12 ; Padova ; PD ; 35122 ; IT',
      ['049 876 5432'],
      'Mon–Fri 08:30-12:30, 15:00-19:00; Sat 09:00-13:00',
    ],
    [
      'pl',
      '<footer>© 2026 Kwiaciarnia | ul. Długa 5, 31-147 Kraków | tel. 12 345 67 89 | NIP 6762112345 | REGON 123456789</footer>',
      'ul. Długa 5 ; Kraków ; 31-147 ; PL',
      ['12 345 67 89'],
      undefined,
    ],
    [
      'de',
      '<p>Krume GmbH</p><p>Hauptstr. 5</p><p>10115 Berlin</p><p>Fon: +49 (30) 901 820 - 0</p><p>HRB 12345 B, Steuernummer 27/123/45678</p><p>IBAN DE02 1203 0000 0000 2020 51</p>',
      'Hauptstr. 5 ; Berlin ; 10115 ; DE',
      ['+49 (30) 901 820 - 0'],
      undefined,
    ],
    [
      'en-US',
      '<p>Call us at 360.555.0142 today! 214 Quay St Suite 3 Bellingham, WA 98225</p>',
      '214 Quay St Suite 3 ; Bellingham ; WA ; 98225 ; US',
      ['360.555.0142'],
      undefined,
    ],
    [
      'en-AU',
      '<p>Shop 5/120 Crown Street, Darlinghurst NSW 2010. (02) 9123 4567. ABN 12 345 678 901</p>',
      'Shop 5/120 Crown Street ; Darlinghurst ; NSW ; 2010 ; AU',
      ['(02) 9123 4567'],
      undefined,
    ],
    [
      'zh-CN',
      '<p>地址：北京市朝阳区建国路88号</p><p>电话：010-6512-3456</p>',
      '建国路88号 ; 朝阳区 ; 北京市 ; CN',
      ['010-6512-3456'],
      undefined,
    ],
    [
      'en-SG',
      '<p>10 Anson Road #10-01 International Plaza Singapore 079903</p><p>Tel: 6223 4567 UEN 201012345K</p>',
      '10 Anson Road #10-01 International Plaza ; Singapore ; 079903 ; SG',
      ['6223 4567'],
      undefined,
    ],
    [
      'ru',
      '<p>Наш адрес: 125009, Москва, ул. Тверская, д. 12</p><p>Тел.: 8 (495) 123-45-67, ИНН 7701234567</p>',
      'ул. Тверская, д. 12 ; Москва ; 125009 ; RU',
      ['8 (495) 123-45-67'],
      undefined,
    ],
  ])('in %s: %s', (language, body, address, telephones, hours) => {
    const found = seen(body, language);
    expect(found['address']).toEqual([address]);
    expect(found['telephone']).toEqual(telephones);
    expect(found['hours']?.[0]).toBe(hours);
  });

  test('shows a fax and a VAT number beside', () => {
    const body = '<p>Telefon 0731 9012345, Fax 0731 9012346</p><p>USt-IdNr. DE136695976</p>';
    expect(seen(body, 'de')).toMatchObject({
      telephone: ['0731 9012345'],
      faxNumber: ['0731 9012346'],
      vatID: ['DE136695976'],
    });
  });

  test.each([
    ['<h1>Tandartspraktijk Vermeer</h1>', 'nl', 'Dentist'],
    ['<h1>Krume</h1><title>Krume – Bäckerei in Ulm</title>', 'de', 'Bakery'],
    ['<h1>さくら歯科クリニック</h1>', 'ja', 'Dentist'],
    ['<h1>Larkspur veterinary clinic</h1>', 'en', 'VeterinaryCare'],
    ['<h1>Krume</h1>', 'de', undefined],
  ])('%s names its trade', async (body, language, type) => {
    const source = `<!doctype html><html lang="${language}"><body>${body}</body></html>`;
    const found = propose(readSource(source), '', await loadTypeOfWord());
    expect(found.find(({ unit }) => unit === 'types')?.shown).toBe(type);
  });

  test.each([
    ['<p>© 2010–2026 Aurora</p><p>Rechnung 2024-11-000123</p><p>040 7654321</p>', ['040 7654321']],
    ['<table><tr><td>Telefon</td><td>7654321</td></tr></table>', ['7654321']],
  ])('figures that are no telephone number are not proposed as one: %s', (figures, telephones) => {
    const body = `<p>Lange Reihe 14<br>20099 Hamburg</p>${figures}`;
    expect(seen(body, 'de')['telephone']).toEqual(telephones);
  });

  test('an element that is said to hold the address needs no code', () => {
    const body = '<div class="contact-address">12 Queen’s Road Central<br>Hong Kong</div>';
    expect(seen(body, 'en')['address']).toEqual(['12 Queen’s Road Central ; Hong Kong ; HK']);
    expect(seen(body.replace('contact-address', 'x'), 'en')['address']).toBeUndefined();
  });

  test('neither years nor prices are an address', () => {
    expect(seen('<p>Seit 1987 in 10 Filialen. Ab 12 Euro, 24.12.2026 geschlossen.</p>', 'de')).toEqual({
      url: ['https://shop.example/'],
    });
  });
});

test('the country of a page that says no other is that of the number its link dials', () => {
  const body = '<p>Hafenbad 12, 89073 Ulm</p><a href="tel:+497319012345">0731 9012345</a>';
  expect(seen(body, '')['address']).toEqual(['Hafenbad 12 ; Ulm ; 89073 ; DE']);
});
