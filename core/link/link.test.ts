import { expect, test } from '@jest/globals';
import { foldUrl, judgeUrl } from './index.ts';

test.each([
  ['https://larkspurvane.example/port-ellery/', []],
  ['http://larkspurvane.example/', ['value/url-insecure']],
  ['/images/front.jpg', ['value/url-relative']],
  ['images/front.jpg', ['value/url-relative']],
  ['www.larkspurvane.example', ['value/url-relative']],
  ['javascript:alert(1)', ['value/url']],
  ['https:// larkspur.example', ['value/url']],
  ['https://larkspur', ['value/url']],
  ['http:/x', ['value/url']],
  ['', []],
])('the address %s has the faults %j', (text, codes) => {
  expect(judgeUrl(text).map(({ code }) => code)).toEqual(codes);
});

test('a host alone is offered with its scheme', () => {
  expect(judgeUrl('www.larkspurvane.example')[0]?.message).toContain('https://www.larkspurvane.example');
});

test('addresses that differ in spelling only fold to the same', () => {
  expect(foldUrl('HTTP://www.Larkspur.example/a/')).toBe(foldUrl('https://larkspur.example/a'));
  expect(foldUrl('https://larkspur.example/a')).not.toBe(foldUrl('https://larkspur.example/b'));
});
