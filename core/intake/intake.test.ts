import { writeCsv, decodeCsv, guessCsvEncoding, readCsv } from '#core/csv';
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { accept } from '#core/proposal';
import { emptyRecord, factRows } from '#core/record';
import { larkspur } from '#sample';
import {
  branchOfRow,
  columnLabel,
  guessColumns,
  intakeCsv,
  intakePage,
  intakeQuestions,
  namesTellApart,
  readIntake,
  rowOfBranch,
  updatedByRow,
  type Column,
} from './index.ts';

describe('CSV', () => {
  test('goes through any cells, and is safe from formulas', () => {
    const cell = fc
      .string({
        unit: fc.constantFrom('a', '"', ',', ';', '\n', '=', '+', '-', '@', 'é', '\t', ' '),
        maxLength: 8,
      })
      .map((text) => `${text}x`);
    fc.assert(
      fc.property(fc.array(fc.tuple(cell, cell), { minLength: 1, maxLength: 5 }), (rows) => {
        const head = ['one', 'two'];
        expect(readCsv(writeCsv([head, ...rows]))).toEqual({ ok: true, rows: [head, ...rows] });
      }),
    );
    expect(writeCsv([['=cmd()', '+1 360']])).toContain("'=cmd(),'+1 360");
  });

  test.each([
    [
      'a;b\n1,5;2',
      [
        ['a', 'b'],
        ['1,5', '2'],
      ],
    ],
    [
      'a\tb\r\n1\t2',
      [
        ['a', 'b'],
        ['1', '2'],
      ],
    ],
    ['sep=;\na;b', [['a', 'b']]],
    ['\uFEFFa,b\n\n1\n', [['a', 'b'], ['1']]],
  ])('%j is read with its own delimiter', (text, rows) => expect(readCsv(text)).toEqual({ ok: true, rows }));

  test.each([
    ['a,b\n"x,y\n1,2', /never closed/],
    ['a,b\n1,x"y\n', /double quote/],
    ['a,b\n"x"y,1\n', /double quote/],
    ['   ', /empty/],
  ])('%j is told with its line, nothing is guessed', (text, message) =>
    expect(readCsv(text)).toMatchObject({ ok: false, message: expect.stringMatching(message) as unknown }),
  );

  test('is decoded as whatever spreadsheet wrote it', () => {
    const text = 'Name,Town\nCafé “Zürich”,Málaga\n';
    const utf16 = new Uint8Array(
      new Uint16Array(Array.from(`\uFEFF${text}`).map((one) => one.charCodeAt(0))).buffer,
    );
    const bytes: Readonly<Record<string, Uint8Array>> = {
      'utf-8': new TextEncoder().encode(`\uFEFF${text}`),
      'utf-16le': utf16,
      'utf-16be': utf16.map((_, at) => utf16[at ^ 1] ?? 0),
      'windows-1252': Uint8Array.from(
        Array.from(text).map((one) => ({ '“': 0x93, '”': 0x94 })[one] ?? one.charCodeAt(0)),
      ),
      macintosh: Uint8Array.from(
        Array.from(text).map(
          (one) => ({ é: 0x8e, '“': 0xd2, '”': 0xd3, ü: 0x9f, á: 0x87 })[one] ?? one.charCodeAt(0),
        ),
      ),
    };
    for (const [encoding, file] of Object.entries(bytes)) {
      const guessed = guessCsvEncoding(file);
      expect([encoding, guessed, decodeCsv(file, guessed)]).toEqual([encoding, encoding, text]);
    }
    expect(guessCsvEncoding(utf16.slice(2))).toBe('utf-16le');
  });
});

describe('a spreadsheet of branches', () => {
  test('has its columns recognised, each once', () => {
    expect(
      guessColumns(
        [
          'Store Code',
          'Location name',
          'ZIP',
          'Phone',
          'Telephone',
          'Opening hours',
          'Lat',
          'Shoe size',
          'monday',
          'hours.Tuesday',
        ],
        true,
      ),
    ).toEqual([
      'branchCode',
      'label',
      'address.postalCode',
      'telephone',
      undefined,
      'week',
      'pin.latitude',
      undefined,
      'hours.Monday',
      'hours.Tuesday',
    ]);
    expect(guessColumns(factRows.map(({ fact }) => fact))).toEqual(factRows.map(({ fact }) => fact));
    expect([columnLabel('week'), columnLabel('telephone')]).toEqual(['Hours of the week', 'Telephone']);
  });

  test('becomes branches with their faults, all of it kept as typed', () => {
    const columns = guessColumns(['Name', 'Address', 'Coordinates', 'Hours', 'Phone', 'Country', 'Profiles']);
    const row = [
      'Quay',
      '214 Quay Street, Port Ellery, WA 98299',
      '48.51234, -122.6123',
      'Mon-Fri 9-5',
      '(360) 555-0142',
      'United States',
      'https://a.example/x; https://b.example/y',
    ];
    const { label, record, faults } = branchOfRow(row, columns, { defaults: larkspur });
    expect(label).toBe('Port Ellery, 214 Quay Street');
    expect(record).toMatchObject({
      name: 'Quay',
      address: { ...larkspur.address },
      pin: { latitude: '48.51234', longitude: '-122.6123', origin: 'imported' },
      hours: { Monday: '09:00-17:00', Saturday: '' },
      sameAs: ['https://a.example/x', 'https://b.example/y'],
    });
    expect(faults).toEqual([
      {
        fact: 'hours.Monday',
        code: 'value/hours',
        grade: 'note',
        message: '“Mon-Fri 9-5” was read as hours of the daytime.',
      },
    ]);
    const wrong = branchOfRow(['', '9 Row, Saltby', 'here', 'whenever', '12', '', ''], columns, {
      home: 'GB',
    });
    expect(wrong.record).toMatchObject({
      telephone: '12',
      hours: { Monday: 'whenever' },
      pin: { latitude: 'here' },
      address: { addressCountry: 'GB' },
    });
    expect(wrong.faults.map(({ fact }) => fact)).toEqual(
      expect.arrayContaining(['telephone', 'hours.Monday', 'pin.latitude']),
    );
    expect(branchOfRow([], columns).label).toBe('');
  });
});

describe('a sheet', () => {
  const defaults = { ...emptyRecord, types: ['Optician', 'LocalBusiness'] };
  const headings = ['Store name', 'Store code', 'Street', 'Town', 'Postcode', 'Country', 'Phone'];
  const cells = ['Hollins Row', 'H-1', '9 Hollins Row', 'Saltby', 'TQ1 2AB', 'GB', '020 7946 0321'];

  test('of stores’ names gives the branches their names, unless the client does', () => {
    expect(guessColumns(headings)[0]).toBe('name');
    expect(guessColumns(headings, true)[0]).toBe('label');
    expect(guessColumns(['Store name', 'Business name'])).toEqual(['label', 'name']);
  });

  test('whose names tell its rows apart calls the branches by them', () => {
    const columns = guessColumns(headings);
    expect(namesTellApart([cells, cells.with(0, 'Marl Cross')], columns)).toBe(true);
    expect(namesTellApart([cells, cells], columns)).toBe(false);
    expect(branchOfRow(cells, columns, { byName: true }).label).toBe('Hollins Row');
    expect(branchOfRow(cells, columns).label).toBe('Saltby, 9 Hollins Row');
  });

  test('is told what is required and missing, and what the client gives is not missing', () => {
    const musts = (columns: readonly (Column | undefined)[], by = {}): readonly string[] =>
      branchOfRow(cells, columns, by).faults.flatMap(({ fact, grade }) => (grade === 'must' ? [fact] : []));
    const nameless = guessColumns(headings, true);
    expect(musts(nameless)).toEqual(['name', 'types']);
    expect(musts(nameless, { defaults })).toEqual(['name']);
    expect(musts(nameless, { defaults: { ...defaults, name: 'Hollins Row Opticians' } })).toEqual([]);
    expect(musts(guessColumns(headings), { defaults })).toEqual([]);
  });

  test.each([
    [
      'Filialname;Straße;PLZ;Ort;Telefon;Öffnungszeiten',
      'name;address.streetAddress;address.postalCode;address.addressLocality;telephone;week',
    ],
    [
      'Nom;Rue;Code postal;Ville;Téléphone;Horaires',
      'name;address.streetAddress;address.postalCode;address.addressLocality;;week',
    ],
    [
      'Nombre;Dirección;Código postal;Ciudad;Teléfono',
      'name;wholeAddress;address.postalCode;address.addressLocality;telephone',
    ],
    [
      'Store No.;Listing name;Address Line 1;City;State/Province;ZIP / Postal Code;Primary phone',
      'branchCode;name;address.streetAddress;address.addressLocality;address.addressRegion;address.postalCode;telephone',
    ],
  ])('with the headings %s is recognised', (given, columns) => {
    const [a, b] = [given.split(';'), columns.split(';')];
    expect(guessColumns(a).map((column, at) => (b[at] ? column : ''))).toEqual(b);
  });

  test('that comes again changes only what it says otherwise, and tells it', () => {
    const columns = guessColumns(headings);
    const existing = { label: 'Saltby', record: { ...branchOfRow(cells, columns).record, slogan: 'Kept' } };
    expect(updatedByRow(cells, columns, existing).changes).toEqual([]);
    const moved = cells.with(2, '11 Hollins Row').with(6, '');
    const { record, changes } = updatedByRow(moved, columns, existing);
    expect(changes).toEqual([
      { fact: 'address.streetAddress', before: '9 Hollins Row', after: '11 Hollins Row' },
    ]);
    expect(record).toMatchObject({ slogan: 'Kept', telephone: '020 7946 0321' });
    expect(updatedByRow(['New Saltby'], ['label'], existing).changes).toEqual([
      { fact: 'label', before: 'Saltby', after: 'New Saltby' },
    ]);
  });

  test('written here is read here by its own headings, and what the client says is not said again', () => {
    const columns: readonly Column[] = ['label', 'week', 'wholeAddress', 'coordinates', 'branchCode'];
    expect(guessColumns(columns.map(columnLabel), true)).toEqual(columns);
    const inherits = { ...larkspur, address: { ...larkspur.address, addressCountry: '' } };
    const row = rowOfBranch('Quay Street', inherits, [
      'label',
      'address.streetAddress',
      'address.postalCode',
    ]);
    const reading = { home: 'US', defaults: larkspur };
    const existing = { label: 'Quay Street', record: inherits };
    expect(
      updatedByRow(row, ['label', 'address.streetAddress', 'address.postalCode'], existing, reading).changes,
    ).toEqual([]);
  });

  test('is written in the same columns as it was read, and reads back the same', () => {
    const columns: readonly (Column | undefined)[] = [
      'label',
      'name',
      'wholeAddress',
      'coordinates',
      'week',
      'telephone',
      'makesOffer',
      undefined,
    ];
    const row = rowOfBranch('Quay Street', larkspur, columns);
    const again = updatedByRow(row, columns, { label: 'Quay Street', record: larkspur });
    expect(again.changes).toEqual([]);
  });

  test('asks about addresses that can be taken apart otherwise', () => {
    const { faults } = branchOfRow(['3 Mill Lane, Upper Marl, Marl Cross, TQ1 2AB'], ['wholeAddress'], {
      defaults: larkspur,
    });
    expect(faults.filter(({ code }) => code === 'value/address-part')).toMatchObject([
      { fact: 'address.addressRegion', grade: 'should' },
    ]);
  });

  test('brings no address in that visitors may not be led by', () => {
    const { record, faults } = branchOfRow(
      ['Quay', 'javascript:alert(1)', 'data:text/html,x'],
      ['name', 'url', 'sameAs'],
    );
    expect([record.url, record.sameAs]).toEqual(['', []]);
    expect(faults.filter(({ code }) => code === 'value/url').map(({ fact }) => fact)).toEqual([
      'url',
      'sameAs',
    ]);
    const sheet = readIntake('Fact,Answer\nhasMenu,java\tscript:alert(1)\n', larkspur);
    expect(sheet).toMatchObject({
      proposals: [],
      passedOver: [expect.stringContaining('no address') as unknown],
    });
  });
});

test.each([
  ['of commas alone', () => ','.repeat(31_000_000), /more than 1000 columns/],
  ['of quotes', () => '"a",'.repeat(7_000_000), /more than 1000 columns/],
  ['of lines', () => 'a\n'.repeat(15_000_000), /cells/],
  ['of rows of commas', () => `${','.repeat(900)}\n`.repeat(34_000), /cells/],
])('a table of 31 MB %s is refused early', (_, text, message) => {
  const before = process.cpuUsage();
  expect(readCsv(text())).toMatchObject({ ok: false, message: expect.stringMatching(message) as unknown });
  expect(process.cpuUsage(before).user).toBeLessThan(5_000_000); // microseconds of the processor
});

describe('an intake sheet', () => {
  const record = {
    ...larkspur,
    telephone: '',
    description: '',
    hours: { ...emptyRecord.hours, Monday: 'closed' },
  };

  test('asks what is open, and nothing that belongs to other trades', () => {
    const keys = intakeQuestions(record).map(({ key }) => key);
    expect(keys).toEqual(['description', 'telephone']);
    expect(intakeQuestions(emptyRecord).map(({ key }) => key)).toContain('hours');
    expect(intakeQuestions({ ...emptyRecord, types: ['Restaurant'] }).map(({ key }) => key)).toContain(
      'hasMenu',
    );
    expect(intakeQuestions(larkspur, true).length).toBeGreaterThan(20);
  });

  test('filled in and read back proposes the answers, and ignores blanks and what is known', () => {
    const questions = intakeQuestions(record, true);
    const answered = readCsv(intakeCsv(questions));
    if (!answered.ok) throw new Error(answered.message);
    const fill: Readonly<Record<string, string>> = {
      telephone: '(360) 555-0142',
      hours: 'Mon–Fri 9-5',
      makesOffer: 'Dentistry | https://a.example/d',
      nonsense: 'x',
      image: '',
      'address.postalCode': '98277',
    };
    const rows = [
      ...answered.rows.map((row) =>
        fill[row[0] ?? ''] === undefined ? row : [row[0] ?? '', '', fill[row[0] ?? ''] ?? ''],
      ),
      ['nonsense', '', 'x'],
    ];
    const read = readIntake(writeCsv(rows), record);
    if (!read.ok) throw new Error(read.message);
    expect(read.passedOver).toEqual([`Row ${String(rows.length)}: there is no fact “nonsense”.`]);
    expect(read.proposals.map(({ unit, shown }) => `${unit}: ${shown}`)).toEqual([
      'address: 214 Quay Street, Port Ellery, WA 98277, US',
      'hours: Mon–Fri 09:00-17:00',
      'telephone: (360) 555-0142',
      'makesOffer: Dentistry | https://a.example/d',
    ]);
    const taken = accept(
      record,
      read.proposals.flatMap(({ values }) => values),
    );
    expect(taken.address).toEqual({ ...larkspur.address, postalCode: '98277' });
    expect(taken.hours.Friday).toBe('09:00-17:00');
    expect(taken.sameAs).toEqual(larkspur.sameAs);
  });

  test('that is something else is told', () => {
    expect(readIntake('a,b\n1,2', record)).toMatchObject({
      ok: false,
      message: expect.stringContaining('no intake sheet') as unknown,
    });
    expect(readIntake('"', record)).toMatchObject({ ok: false });
  });

  test('to print runs nothing and lets nothing out of its place', () => {
    const page = intakePage(
      [{ key: 'name', question: '<b>Name</b>?', how: '"&', known: '<script>alert(1)</script>' }],
      'A & B',
    );
    expect(page).not.toContain('<script');
    expect(page).toContain('&lt;b&gt;Name');
    expect(page).toContain("default-src 'none'");
  });
});

test('the figures of a date among a client’s answers are in the order of the country that is answered', () => {
  const answered = (country: string): unknown => {
    const read = readIntake(
      `Fact,Answer\nfoundingDate,12/03/1998\naddress.addressCountry,${country}`,
      emptyRecord,
    );
    return read.ok && read.proposals.find(({ unit }) => unit === 'foundingDate')?.shown;
  };
  expect(['España', 'US', 'CA'].map(answered)).toEqual(['1998-03-12', '1998-12-03', '12/03/1998']);
});
