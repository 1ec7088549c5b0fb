import { describe, expect, test } from '@jest/globals';
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

  test.each(['{{ name }}', '{% name %}', '<?php echo $name; ?>', '<?= $name ?>', '<%= name %>', '${name}'])(
    'a tag %s in the place of a value is one fault, and the rest is read',
    (tag) => {
      const reading = readSource(page(json.replace('"Höfe & Söhne"', tag)));
      expect(reading.faults.map(({ code }) => code)).toEqual(['syntax/template-tag']);
      expect(reading.items[0]?.types).toEqual(['Optician']);
    },
  );

  test.each([
    json,
    page(json),
    page(`<!--\n${json}\n-->`),
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
