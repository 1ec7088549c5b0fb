import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { applyEdits } from '#core/text';
import { readSource } from './index.ts';

const json = '{\n  "@context": "https://schema.org",\n  "@type": "Optician",\n  "name": "Höfe & Söhne"\n}';
const page = (script: string): string =>
  `<!doctype html><html><head><script type="application/ld+json">${script}</script></head></html>`;

describe('JSON that was pasted with something round it', () => {
  test.each([
    ['a fence of code', `\`\`\`json\n${json}\n\`\`\``],
    ['a sentence before', `Here is your code:\n\n${json}`],
    ['a sentence behind', `${json}\nLet me know if you need more.`],
    ['sentences round it', `Sure!\n${json}\nPaste it into the head.`],
    ['a fence in the script', page(`\n\`\`\`json\n${json}\n\`\`\`\n`)],
    ['an assignment', page(`var x = ${json};`)],
    ['a member of the window', page(`window.schema = ${json}`)],
    ['a call', page(`write(${json});`)],
    ['a call with a text', page(`JSON.parse('${json}');`)],
    ['a CDATA section', page(`<![CDATA[\n${json}\n]]>`)],
    ['a hidden CDATA section', page(`//<![CDATA[\n${json}\n//]]>`)],
    ['a CDATA section in comments', page(`/*<![CDATA[*/${json}/*]]>*/`)],
    ['an export', page(`export default ${json};`)],
    [
      'a server’s message',
      page(`<br />\n<b>Warning</b>: Undefined variable $x in /a.php on line 5<br />\n${json}`),
    ],
    ['a notice', page(`Notice: Array to string conversion in [file]\n${json}`)],
    [
      'a fence round HTML',
      `Sure:\n\`\`\`html\n<script type="application/ld+json">${json}</script>\n\`\`\`\nDone.`,
    ],
  ])('%s is one fault with one mend', (_, source) => {
    const reading = readSource(source);
    expect(reading.faults.map(({ code }) => code)).toEqual(['syntax/words-around']);
    expect(reading.items.map(({ types }) => types)).toEqual([['Optician']]);
    const mended = readSource(applyEdits(source, reading.faults[0]?.edits ?? []));
    expect(mended.faults).toEqual([]);
    expect(mended.items).toHaveLength(1);
    expect(mended.source).toContain(json);
  });

  test.each([
    ['，', '، '],
    ['{', '｛'],
    ['}', '｝'],
    ['"Optician"', '［"Optician"］'],
    ['"Optician"', '「Optician」'],
    ['"Optician"', '【"Optician"】，"n"：５０．１'],
  ])('signs of another keyboard are one fault with one mend: %s for %s', (sign, other) => {
    const source = page(json.replace(sign === '，' ? ',' : sign, other));
    const reading = readSource(source);
    expect(reading.faults.map(({ code }) => code)).toEqual(['syntax/unexpected-text']);
    expect(reading.items.map(({ types }) => types)).toEqual([['Optician']]);
    const mended = readSource(applyEdits(source, reading.faults[0]?.edits ?? []));
    expect(mended.faults).toEqual([]);
    expect(mended.items[0]?.types).toEqual(['Optician']);
  });

  test('signs of another keyboard stay in texts, and a character that nobody sees is named', () => {
    expect(readSource(page(json.replace('Höfe', '「Höfe」［１］،：'))).faults).toEqual([]);
    const [fault] = readSource(page(`\u200b${json}`)).faults;
    expect(fault?.message).toContain('“U+200B” stands before the JSON');
  });

  test.each([
    json.replaceAll('"', '&quot;'),
    page(json.replaceAll('"', '&#34;')),
    page(json.replaceAll('"', '&quot;').replace('&', '&')),
  ])('with references for quotes it is one fault with one mend (%#)', (source) => {
    const reading = readSource(source);
    expect(reading.faults.map(({ code }) => code)).toEqual(['syntax/escaped-quotes']);
    expect(reading.items[0]?.properties.map(({ value }) => value)).toMatchObject([{ text: 'Höfe & Söhne' }]);
    const mended = applyEdits(source, reading.faults[0]?.edits ?? []);
    expect(readSource(mended).faults).toEqual([]);
    expect(mended).toContain(json);
  });

  test.each([
    ['references of typographic quotes', json.replace(/"([^"]*)"/g, '&#8220;$1&#8221;')],
    ['references of German quotes', json.replace(/"([^"]*)"/g, '&bdquo;$1&ldquo;')],
    ['backslashes', json.replaceAll('"', '\\"')],
    ['backslashes, line breaks too', json.replaceAll('"', '\\"').replaceAll('\n', '\\n')],
    ['a text of a program', JSON.stringify(json)],
  ])('every quote as %s is one fault with one mend', (_, given) => {
    const source = page(given);
    const reading = readSource(source);
    expect(reading.faults.map(({ code }) => code)).toEqual(['syntax/escaped-quotes']);
    expect(reading.items[0]?.properties.map(({ value }) => value)).toMatchObject([{ text: 'Höfe & Söhne' }]);
    expect(applyEdits(source, reading.faults[0]?.edits ?? [])).toContain(json);
  });

  const linked = (text: string): string => `<a href="https://x.example/">${text}</a>`;
  test.each([
    ['breaks', json.replaceAll('\n', '<br />\n')],
    ['paragraphs and breaks', `</p>\n<p>${json.replaceAll('\n', '<br>\n')}</p>`],
    ['blanks', json.replaceAll('\n  ', '\n&nbsp; ')],
    ['links', json.replace('https://schema.org', linked('https://schema.org'))],
    ['spans with attributes', json.replace('{', '{<span class="token">').replace('}', '</span>}')],
    ['links on one line', json.replaceAll('\n', ' ').replace('Optician', linked('Optician'))],
  ])('%s of an editor in it are one fault with one mend', (_, given) => {
    const source = page(given);
    const reading = readSource(source);
    expect(reading.faults.map(({ code }) => code)).toEqual(['syntax/editor-marks']);
    expect(reading.items).toMatchObject([
      { types: ['Optician'], properties: [{ value: { text: 'Höfe & Söhne' } }] },
    ]);
    const mended = readSource(applyEdits(source, reading.faults[0]?.edits ?? []));
    expect([mended.faults, mended.items.length]).toEqual([[], 1]);
  });

  const eachLine = (change: (line: string, at: number) => string): string =>
    json.split('\n').map(change).join('\n');
  test.each([
    ['a mail', eachLine((line) => `> ${line}`)],
    ['a list of changes', eachLine((line) => `+${line}`)],
    ['numbers', eachLine((line, at) => `${String(at + 1)} ${line}`)],
    ['numbers with stops', eachLine((line, at) => `  ${String(at + 98)}. ${line}`)],
    ['strokes', eachLine((line) => `| ${line}`)],
  ])('marks of %s before its lines are one fault with one mend', (_, given) => {
    const reading = readSource(page(given));
    expect(reading.faults.map(({ code }) => code)).toEqual(['syntax/words-around']);
    expect(reading.items).toMatchObject([{ types: ['Optician'] }]);
    expect(applyEdits(page(given), reading.faults[0]?.edits ?? [])).toContain(json);
  });

  test.each([
    ['an address in brackets', '[https://x.example/](https://x.example/)', 'https://x.example/'],
    ['words in brackets', '[our site](https://x.example/)', 'https://x.example/'],
    ['a mail in brackets', '[a@x.example](mailto:a@x.example)', 'a@x.example'],
    ['angles', '<https://x.example/>', 'https://x.example/'],
  ])('a text that is a link by %s is one fault with one mend', (_, written, meant) => {
    const source = page(json.replace('Höfe & Söhne', written));
    const reading = readSource(source);
    expect(reading.faults.map(({ code }) => code)).toEqual(['syntax/editor-marks']);
    expect(reading.items[0]?.properties).toMatchObject([{ value: { text: meant } }]);
    expect(applyEdits(source, reading.faults[0]?.edits ?? [])).toBe(
      page(json.replace('Höfe & Söhne', meant)),
    );
  });

  test('braces that all stand twice are one fault with one mend', () => {
    const source = page(json.replace('{', '{{').replace('}', '}}'));
    const reading = readSource(source);
    expect(reading.faults.map(({ code }) => code)).toEqual(['syntax/unexpected-text']);
    expect(applyEdits(source, reading.faults[0]?.edits ?? [])).toBe(page(json));
  });

  test('a tag with a text in it is a tag', () => {
    const { faults } = readSource(page('{{ "schema" | json }}'));
    expect(faults.length).toBeGreaterThan(0);
    expect(faults.some(({ message }) => message.includes('stands twice'))).toBe(false);
  });

  test.each([
    ['a script in a script', `<script>\n<script type="application/ld+json">${json}</script>\n</script>`],
    ['a misspelt script', `<scrpt type="application/ld+json">${json}</scrpt>`],
    ['a style', `<style type="application/ld+json">${json}</style>`],
    ['another type', `<script type="text/x">${json}</script>`],
  ])('%s is one fault, and its mend lets it be read', (_, markup) => {
    const source = `<!doctype html><title>x</title>${markup}<p>x</p>`;
    const reading = readSource(source);
    expect([reading.items, reading.faults.map(({ code }) => code)]).toEqual([[], ['syntax/script-type']]);
    const mended = readSource(applyEdits(source, reading.faults[0]?.edits ?? []));
    expect(mended.faults).toEqual([]);
    expect(mended.items).toMatchObject([{ types: ['Optician'] }]);
    expect(mended.source).not.toContain('scrpt');
  });

  test('a blank that is none before an attribute is one fault with one mend', () => {
    const source =
      '<p\u00A0itemscope itemtype="https://schema.org/Store"><b\u3000itemprop="name">A</b>\u00A0itemprop</p>';
    const reading = readSource(source);
    expect(reading.faults.map(({ code }) => code)).toEqual(['structure/misspelt']);
    expect(reading.items[0]?.properties).toMatchObject([{ name: 'name', value: { text: 'A' } }]);
    const mended = applyEdits(source, reading.faults[0]?.edits ?? []);
    expect(readSource(mended)).toMatchObject({ faults: [], items: [{ types: ['Store'] }] });
    expect(mended).toContain('\u00A0itemprop');
    const [start, end] = [performance.now(), readSource('\u00A0itemprop='.repeat(50_000))];
    expect([end.items, performance.now() - start < 20_000]).toEqual([[], true]);
  });

  test('an attribute in plain quotes is no fault, whatever it says', () => {
    const source =
      '<p itemscope itemtype="https://schema.org/Store"><meta itemprop="name" content="&quot;A&quot; “B”"><b itemprop=\'slogan\' class="">x</b></p>';
    expect(readSource(source).faults).toEqual([]);
  });

  test('markup of HTML in a text of its own stays', () => {
    const source = page(json.replace('Höfe', '<b>Höfe</b> <i class=\\"x\\">a</i>&nbsp;'));
    expect(readSource(source).faults).toEqual([]);
  });

  test('JSON that is valid has no such fault, whatever its texts say', () => {
    const piece = fc.constantFrom(
      ...'<br>|"|&nbsp;|\\|&quot;|{|}|> |1 |“|a|\n|<a href="x">|</a>|,|: |#|+'.split('|'),
    );
    fc.assert(
      fc.property(fc.array(piece, { maxLength: 12 }), fc.constantFrom(0, 2), (pieces, indent) => {
        const text = JSON.stringify({ '@type': 'Store', name: pieces.join(''), url: 'x' }, null, indent);
        expect(readSource(page(text)).faults.map(({ code }) => code)).toEqual(['syntax/missing-context']);
      }),
      { numRuns: 2000, seed: 20261128 },
    );
  });

  test('many tags on one line are read in time', () => {
    const source = page(`{"name": [${'<br>"a", '.repeat(20_000)}"b"]}`);
    expect(readSource(source).faults.map(({ code }) => code)).toContain('syntax/editor-marks');
  });

  test.each([
    ['microdata', '<p itemscope itemtype=“https://schema.org/Store”><b itemprop=“name”>A</b></p>'],
    [
      'references',
      '<p itemscope itemtype=&#8221;https://schema.org/Store&#8221;><b itemprop=&ldquo;name&rdquo;>A</b></p>',
    ],
    ['RDFa', '<p vocab=„https://schema.org/“ typeof=„Store“><b property=«name»>A</b></p>'],
    [
      'a blank inside',
      '<p itemscope itemtype="https://schema.org/Store"><meta itemprop=“name” content=“A”><i itemprop=“slogan alternateName”>B</i></p>',
    ],
  ])('attributes in typographic quotes are one fault with one mend: %s', (_, source) => {
    const reading = readSource(source);
    expect(reading.faults.map(({ code }) => code)).toEqual(['structure/curly-quotes']);
    expect(reading.items).toMatchObject([{ types: ['Store'] }]);
    expect(reading.items[0]?.properties[0]).toMatchObject({ name: 'name', value: { text: 'A' } });
    const mended = readSource(applyEdits(source, reading.faults[0]?.edits ?? []));
    expect(mended.faults).toEqual([]);
    expect(mended.items).toMatchObject([{ types: ['Store'] }]);
  });

  test.each(['{{ name }}', '{% name %}', '<?php echo $name; ?>', '<?= $name ?>', '<%= name %>', '${name}'])(
    'a tag %s in the place of a value is one fault, and the rest is read',
    (tag) => {
      const reading = readSource(page(json.replace('"Höfe & Söhne"', tag)));
      expect(reading.faults.map(({ code }) => code)).toEqual(['syntax/template-tag']);
      expect(reading.items[0]?.types).toEqual(['Optician']);
    },
  );

  test.each([`<!--\n${json}\n-->`, `<!--\n${json}\n//-->`, `\n <!-- ${json} // -->\n`])(
    'a comment of HTML round all of it is one fault: %s',
    (script) => {
      const { faults, items } = readSource(page(script));
      expect(faults.map(({ code }) => code)).toEqual(['syntax/html-comment']);
      expect(items[0]?.types).toEqual(['Optician']);
      const mended = readSource(applyEdits(page(script), faults[0]?.edits ?? []));
      expect(mended.faults).toEqual([]);
    },
  );

  test.each([
    json.replaceAll(',', ',\\n'),
    `\\r\\n${json.replace('{', '{\\n\\t')}\\n`,
    json.replace('"name"', '\\n"name"').replace('Höfe', 'a\\nb \\" \\n'),
  ])('breaks of a program between values are one fault: %s', (script) => {
    const { faults, items } = readSource(page(script));
    expect(faults.map(({ code }) => code)).toEqual(['syntax/escaped-quotes']);
    expect(items[0]?.types).toEqual(['Optician']);
    expect(readSource(applyEdits(page(script), faults[0]?.edits ?? [])).faults).toEqual([]);
  });

  test('an empty script that names another is told what that is worth', () => {
    const [told, ...more] = readSource('<script type="application/ld+json" src="/a.json"></script>').faults;
    expect([told?.code, more]).toEqual(['syntax/empty', []]);
    expect(told?.message).toContain('do not fetch what src names');
  });

  test('a context that is misspelt is told once', () => {
    const codes = (source: string): string[] => readSource(source).faults.map(({ code }) => code);
    expect(codes('{"@Context":"https://schema.org","@type":"Store"}')).toEqual(['syntax/missing-context']);
    expect(
      codes('{"@context":"https://schema.org","@type":"Store","geo":{"@Context":"https://schema.org"}}'),
    ).toEqual(['syntax/unknown-keyword']);
  });

  test.each([
    json,
    page(json),
    page(`// a comment\n${json}`),
    '"@type": "Optician", "name": "a"}',
    page(json.replace('Höfe', '{{ name }} ``` var x = {')),
    '<p>Here is {"@type": "Optician"} for you</p>',
    `<pre>\`\`\`\n${json}\n\`\`\`</pre>`,
  ])('nothing round it is none (%#)', (source) => {
    const codes = readSource(source).faults.map(({ code }) => code);
    expect(codes.filter((code) => /words-around|escaped|template/.test(code))).toEqual([]);
  });
});
