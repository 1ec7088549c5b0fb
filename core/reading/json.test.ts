import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { applyEdits } from '#core/text';
import { readJson } from './json.ts';
import type { JsonNode } from './jsonNode.ts';

function plain(node: JsonNode): unknown {
  if (node.kind === 'scalar') return node.value;
  if (node.kind === 'array') return node.elements.map(plain);
  return Object.fromEntries(node.members.map(({ name, value }) => [name, plain(value)]));
}

const syntax = (text: string): string[] =>
  readJson(text).faults.map(({ code }) => code.replace('syntax/', ''));
const mend = (text: string): string =>
  applyEdits(
    text,
    readJson(text).faults.flatMap(({ edits }) => edits ?? []),
  );

describe('valid JSON', () => {
  test('reads as JSON.parse reads it, without a fault', () => {
    fc.assert(
      fc.property(fc.json({ maxDepth: 6 }), fc.constantFrom(0, 2, '\t'), (json, indent) => {
        const text = JSON.stringify(JSON.parse(json), null, indent);
        const { values, faults } = readJson(text);
        expect(faults.filter(({ code }) => code !== 'syntax/duplicate-name')).toEqual([]);
        expect(values.map(plain)).toEqual([JSON.parse(json)]);
      }),
      { numRuns: 500 },
    );
  });

  test('keeps quotes before words, escapes and empty texts', () => {
    for (const text of [
      '{"a":"x","b":"the \\"best\\" vet"}',
      '["","a\\u00e9\\n"]',
      '{"a" : "b" , "c":[1,"d" ]}',
      '["a:b","c"]',
      '{"":"."}',
    ]) {
      expect(readJson(text).faults).toEqual([]);
      expect(readJson(text).values.map(plain)).toEqual([JSON.parse(text)]);
    }
  });
});

describe('a fault', () => {
  test.each<[string, string[], unknown]>([
    ['{"name": "A" "telephone": "B"}', ['missing-comma'], { name: 'A', telephone: 'B' }],
    ['{\n"name": "A"\n"telephone": "B"\n}', ['missing-comma'], { name: 'A', telephone: 'B' }],
    ['{"name" "A"}', ['missing-colon'], { name: 'A' }],
    ['{"name" = "A"}', ['missing-colon'], { name: 'A' }],
    ['{"name": "A",}', ['trailing-comma'], { name: 'A' }],
    ['["A", "B", ]', ['trailing-comma'], ['A', 'B']],
    ["{'name': 'Ellery\\'s'}", ['single-quotes', 'single-quotes', 'bad-escape'], { name: "Ellery's" }],
    ['{"name": \'Say "hi"\'}', ['single-quotes'], { name: 'Say "hi"' }],
    ['{“name”: “A”}', ['curly-quotes', 'curly-quotes'], { name: 'A' }],
    ['{"name": "A,\n"telephone": "B"}', ['missing-quote'], { name: 'A', telephone: 'B' }],
    ['{"name": "A\n}', ['missing-quote'], { name: 'A' }],
    ['{"name": A", "b": 1}', ['missing-quote'], { name: 'A', b: 1 }],
    ['{"name": Larkspur and Vane}', ['missing-quote'], { name: 'Larkspur and Vane' }],
    [
      '{"description": "The "best" vet", "b": 1}',
      ['unexpected-text', 'unexpected-text'],
      { description: 'The "best" vet', b: 1 },
    ],
    ['{name: "A"}', ['unquoted-name'], { name: 'A' }],
    ['{"a": 1, // one\n "b": 2 /* two */}', ['comment', 'comment'], { a: 1, b: 2 }],
    ['{"a": "one\ntwo"}', ['raw-line-break'], { a: 'one\ntwo' }],
    ['{"a": "tab\there"}', ['raw-line-break'], { a: 'tab\there' }],
    ['{"a": "C:\\x"}', ['bad-escape'], { a: 'C:\\x' }],
    ['{"a": 08:00, "b": 1}', ['bad-number'], { a: '08:00', b: 1 }],
    ['{"a": +1 360 555 0142\n}', ['bad-number'], { a: '+1 360 555 0142' }],
    ['{"a": 2026-12-24}', ['bad-number'], { a: '2026-12-24' }],
    ['[1 2]', ['missing-comma'], [1, 2]],
    ['{"a": ["x", "y", "b": 1}', ['missing-bracket'], { a: ['x', 'y'], b: 1 }],
    ['{"a": ["x", "y"\n"b": 1}', ['missing-bracket', 'missing-comma'], { a: ['x', 'y'], b: 1 }],
    ['{"a": ["c": 1 }, {"c": 2}]}', ['missing-bracket'], { a: [{ c: 1 }, { c: 2 }] }],
    ['{"a": "b": 1, "c": 2}, "d": 3}', ['missing-bracket'], { a: { b: 1, c: 2 }, d: 3 }],
    ['{"a": ""x", "b": "y""}', ['unexpected-text', 'unexpected-text'], { a: 'x', b: 'y' }],
    ['{"a": 1 : "b": 2}', ['unexpected-text'], { a: 1, b: 2 }],
    ['{"a": 007}', ['bad-number'], { a: '007' }],
    ['{"a": {"b": 1}', ['missing-bracket'], { a: { b: 1 } }],
    // Lines tell what is not closed.
    ['{\n  "a": {\n    "b": 1,\n  "c": 2\n}', ['missing-bracket'], undefined],
    ['{\n  "a": {\n    "b": 1\n  "c": 2\n}', ['missing-bracket', 'missing-comma'], undefined],
    ['{\n  "a": [\n    {\n      "b": 1,\n    {\n      "b": 2\n    }\n  ]\n}', ['missing-bracket'], undefined],
    ['{\n  "a": {\n    "b": 1\n  }', ['missing-bracket'], { a: { b: 1 } }],
    ['{"a": [1, 2}', ['missing-bracket'], { a: [1, 2] }],
    ['{"a": 1};', ['unexpected-text'], { a: 1 }],
    ['{"a": 1}}', ['unexpected-text'], { a: 1 }],
    ['{"a": 1; "b": 2}', ['unexpected-text'], { a: 1, b: 2 }],
    ['{"a": 1,, "b": 2}', ['missing-value'], { a: 1, b: 2 }],
    ['{\u00a0"a": 1}', ['unexpected-text'], { a: 1 }],
    ['{\u3000"a":\u202f1\u2060}', ['unexpected-text', 'unexpected-text', 'unexpected-text'], { a: 1 }],
    ['<!-- {"a": 1} -->', ['html-comment', 'html-comment'], { a: 1 }],
    // A colon too many, a quote too few.
    ['{"a": : "b"}', ['unexpected-text'], { a: 'b' }],
    ['{"a":: {"b": 1}}', ['unexpected-text'], { a: { b: 1 } }],
    ['{"postalCode: "TR11 3HH", "b": 1}', ['missing-quote'], { postalCode: 'TR11 3HH', b: 1 }],
    [
      '{"@type: "Store", "geo: {"latitude: 50.1}}',
      ['missing-quote', 'missing-quote', 'missing-quote'],
      undefined,
    ],
    ['{"latitude: -50.1, "is: true}', ['missing-quote', 'missing-quote'], { latitude: -50.1, is: true }],
    ['{"a": +44 1326 496000", "b": 1}', ['missing-quote'], { a: '+44 1326 496000', b: 1 }],
    ['{"a": 12 Quay Street, Falmouth"\n}', ['missing-quote'], { a: '12 Quay Street, Falmouth' }],
    ['{"a": ""\\u00a3\\u00a3", "b": 1}', ['unexpected-text'], { a: '££', b: 1 }],
    ['{"a": ""-5.1", "b": 1}', ['unexpected-text'], { a: '-5.1', b: 1 }],
    // What a program writes on one line.
    ['{"a":"Home,"b":"x"}', ['missing-quote'], { a: 'Home', b: 'x' }],
    ['{"a":{"b":"Home},"c":1}', ['missing-quote'], { a: { b: 'Home' }, c: 1 }],
    ['{"a":["Mon","Tue],"b":1}', ['missing-quote'], { a: ['Mon', 'Tue'], b: 1 }],
    ['{"a":[{"b":"17:00},{"b":"13:00"}]}', ['missing-quote'], { a: [{ b: '17:00' }, { b: '13:00' }] }],
    ['{"a":[{"b":"x},\n{"b":"y"}]}', ['missing-quote'], { a: [{ b: 'x' }, { b: 'y' }] }],
    ['{"a":[+1-208-555-0142"],"b":1}', ['missing-quote'], { a: ['+1-208-555-0142'], b: 1 }],
    [
      '{"a":https://a.example/?s={term}","b":1}',
      ['missing-quote'],
      { a: 'https://a.example/?s={term}', b: 1 },
    ],
    ['{"a":true"b":"x"}', ['missing-comma'], { a: true, b: 'x' }],
    ['{"a":"Mon","Tue"],"b":1}', ['missing-bracket'], { a: ['Mon', 'Tue'], b: 1 }],
    ['{"a": "Mon", "Tue" ]}', ['missing-bracket'], { a: ['Mon', 'Tue'] }],
    ['{"a":"https://a.example/"],"b":1}', ['missing-bracket'], { a: ['https://a.example/'], b: 1 }],
    ['{"a":","b":1}', ['missing-quote'], { a: '', b: 1 }],
    ['{"a":[{"b":"x"],"c":1}', ['missing-bracket'], { a: [{ b: 'x' }], c: 1 }],
    // The list around may have ended, and the object lacks its brace.
    ['[{"a":"b"]', ['missing-bracket'], [{ a: 'b' }]],
  ])('in %s is found and, where certain, mended', (text, codes, mended) => {
    expect(syntax(text)).toEqual(codes);
    if (mended !== undefined) {
      expect(JSON.parse(mend(text))).toEqual(mended);
      expect(readJson(text).values.map(plain)).toEqual([mended]);
    }
  });

  test.each([
    '{"name: " : 1, "schema:name": "x", "a:1": 2}',
    '{"a: 1\\"b": 2, "a: {": 3}',
    '{"a": 1, ",": 2, "b": true, "}": 3}',
    '{"a":1,",":"x"}',
  ])('names with signs in them are names: %s', (text) => {
    const { values, faults } = readJson(text);
    expect(faults).toEqual([]);
    expect(values.map(plain)).toEqual([JSON.parse(text)]);
  });

  test('what is not closed is told where its lines end', () => {
    const text = '{\n  "a": {\n    "b": 1,\n  "c": 2\n}';
    expect(readJson(text).values.map(plain)).toEqual([{ a: { b: 1 }, c: 2 }]);
    expect(readJson(text).faults).toMatchObject([
      { code: 'syntax/missing-bracket', start: text.indexOf(',\n'), guess: true },
    ]);
    // Lines that are set otherwise do not make a fault of what is none.
    expect(readJson('{\n    "a": {\n "b": 1,\n"c": 2}\n}').faults).toEqual([]);
  });

  test.each(['{"a": 1}{"b": 2}\n{"c": 3}', '{"a": 1},\n{"b": 2}, {"c": 3}', '{"a": 1} , {"b": 2}{"c": 3}'])(
    'in objects behind one another is told once and mended by an array: %s',
    (text) => {
      expect(syntax(text)).toEqual(['unexpected-text']);
      expect(JSON.parse(mend(text))).toEqual([{ a: 1 }, { b: 2 }, { c: 3 }]);
      expect(readJson(text).values.map(plain)).toEqual([{ a: 1 }, { b: 2 }, { c: 3 }]);
    },
  );

  test('without one certain mend is told without a mend', () => {
    expect(syntax('{"a": }')).toEqual(['missing-value']);
    expect(syntax('{"a": 1} {"b": 2}')).toEqual(['unexpected-text']);
    expect(readJson('{"a": 1} {"b": 2}').values).toHaveLength(2);
    expect(syntax('  ')).toEqual(['empty']);
    expect(syntax('{"a": 1, "a": 2}')).toEqual(['duplicate-name']);
  });

  test('says where it is', () => {
    const text = '{"name" "A"}';
    expect(readJson(text).faults[0]).toMatchObject({
      start: 7,
      end: 7,
      edits: [{ start: 7, end: 7, text: ':' }],
    });
  });

  test('of 100,000 brackets is one finding, quickly', () => {
    expect(syntax('['.repeat(100_000))).toEqual(['too-deep']);
    expect(syntax('{"a":'.repeat(100_000))).toEqual(['too-deep']);
  });
});

describe('mutated JSON', () => {
  const sample = JSON.stringify(
    {
      '@context': 'https://schema.org',
      '@type': 'Optician',
      name: 'Hollins "Row" é',
      geo: { latitude: 50.1, longitude: -3.5 },
      image: ['a', 'b'],
      open: true,
    },
    null,
    1,
  );
  const cut = fc.tuple(
    fc.nat(sample.length),
    fc.nat(12),
    fc.constantFrom(
      '',
      '"',
      "'",
      '{',
      '}',
      '[',
      ']',
      ':',
      ',',
      '\\',
      '\n',
      '/',
      '“',
      '<!--',
      '\u00a0',
      '0',
      'x',
    ),
  );

  test('always has a fault when JSON.parse fails, none when it does not, places inside, and never throws', () => {
    fc.assert(
      fc.property(fc.array(cut, { minLength: 1, maxLength: 4 }), (cuts) => {
        let text = sample;
        for (const [at, length, insert] of cuts) text = text.slice(0, at) + insert + text.slice(at + length);
        const { faults } = readJson(text);
        let valid = true;
        try {
          JSON.parse(text);
        } catch {
          valid = false;
        }
        expect(faults.some(({ code }) => code !== 'syntax/duplicate-name')).toBe(!valid);
        for (const { start, end } of faults) {
          expect(start).toBeLessThanOrEqual(end);
          expect(end).toBeLessThanOrEqual(text.length);
        }
      }),
      { numRuns: 3000, seed: 20261124 },
    );
  });
});

test('what is cut off with several brackets open is one fault, whose mend closes them all', () => {
  const source = '{"a": {"b": [[1, 2';
  const { faults } = readJson(source);
  expect(faults.map(({ code, edits }) => [code, edits?.map(({ text }) => text)])).toEqual([
    ['syntax/missing-bracket', [']]}}']],
  ]);
});

test.each([
  ['{"a": True, "b": False}', '{"a": true, "b": false}', 'bad-word bad-word'],
  ['{"a": None}', '{"a": null}', 'bad-word'],
  ['{"a": undefined, "b": [NULL]}', '{"a": null, "b": [null]}', 'bad-word bad-word'],
  ['{"a": 48,75123, "b": -122,47}', '{"a": 48.75123, "b": -122.47}', 'bad-number bad-number'],
  ['{"a": –122.47}', '{"a": -122.47}', 'bad-number'],
  ['{"a": &#8211;122.47}', '{"a": -122.47}', 'bad-number'],
  ['{"a"： 1，"b"： 2}', '{"a": 1,"b": 2}', 'missing-colon unexpected-text missing-colon'],
  ['{"a" => 1}', '{"a" : 1}', 'missing-colon'],
  ['{"a": 1, # the first\n"b": 2}', '{"a": 1, \n"b": 2}', 'comment'],
  ['{`a`: ´b´}', '{"a": "b"}', 'curly-quotes curly-quotes'],
])('%s is meant as %s', (text, meant, codes) => {
  expect(mend(text)).toBe(meant);
  expect(syntax(text)).toEqual(codes.split(' '));
});

test('a gap that was left is filled by nobody', () => {
  expect(syntax('{"a": [1, ...], "b": ...}')).toEqual(['template-tag', 'template-tag']);
  expect(mend('{"a": ...}')).toBe('{"a": ...}');
});
