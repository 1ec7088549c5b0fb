import { describe, expect, test } from '@jest/globals';
import { emailsIn, foldUrl, isEmail, judgeProfile, judgeUrl, normaliseProfile } from './index.ts';

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
])('the address %s has the faults %j', (text, codes) =>
  expect(judgeUrl(text).map(({ code }) => code)).toEqual(codes),
);

test('a host alone is offered with its scheme', () => {
  expect(judgeUrl('www.larkspurvane.example')[0]?.message).toContain('https://www.larkspurvane.example');
});

test('addresses that differ in spelling only fold to the same', () => {
  expect(foldUrl('HTTP://www.Larkspur.example/a/')).toBe(foldUrl('https://larkspur.example/a'));
  expect(foldUrl('https://larkspur.example/a')).not.toBe(foldUrl('https://larkspur.example/b'));
});

describe('a profile', () => {
  test.each([
    ['social.example/larkspur', 'https://social.example/larkspur'],
    ['https://social.example/larkspur?utm_source=mail&utm_medium=x', 'https://social.example/larkspur'],
    ['https://social.example/p?id=7&fbclid=abc', 'https://social.example/p?id=7'],
    ['https://social.example/larkspur', 'https://social.example/larkspur'],
    ['ask at the desk', 'ask at the desk'],
  ])('%s is cleaned to %s', (typed, clean) => expect(normaliseProfile(typed)).toBe(clean));

  test('is another site’s, and more than its home page', () => {
    const codes = (text: string): string[] =>
      judgeProfile(text, 'https://www.larkspurvane.example/').map(({ code }) => code);
    expect(codes('https://social.example/larkspur')).toEqual([]);
    expect(codes('https://social.example/')).toEqual(['value/profile']);
    expect(codes('https://larkspurvane.example/about')).toEqual(['value/profile']);
    expect(codes('https://social.example/l?gclid=1')).toEqual(['value/url-tracking']);
    expect(codes('social.example/larkspur')).toEqual(['value/url-relative']);
  });

  const judged = (path: string): string[] =>
    judgeProfile(`https://social.example/${path}`).map(({ code }) => code);
  test.each([
    'sharer/sharer.php?u=x',
    'sharer.php?u=x',
    'intent/tweet?text=x',
    'shareArticle?url=x',
    'tr?id=1',
  ])('is not what a button does: %s', (path) => expect(judged(path)).toEqual(['value/profile']));
  test.each(['channel/', 'company', 'in/', 'pages/', 'profile.php', 'maps'])('has a name behind %s', (path) =>
    expect(judged(path)).toEqual(['value/profile']),
  );
  test.each([
    'yourpage',
    'company/your-company',
    'your-facebook-url',
    '@yourhandle',
    'username',
    'ihre-seite',
  ])('has a name of its own: %s', (path) => expect(judged(path)).toEqual(['value/placeholder']));
  test.each([
    'share/1AbC',
    'profile.php?id=7',
    'company/larkspur',
    'yourlocalbakery',
    'maps?cid=12',
    'in/x',
    'tr/larkspur',
  ])('may be %s', (path) => expect(judged(path)).toEqual([]));
  test('is of a network that there still is', () => {
    expect(judgeProfile('https://plus.google.com/+Larkspur')[0]?.message).toContain('ended in 2019');
  });
});

test('an email address is one that can be written to', () => {
  for (const good of [
    'a@b.example',
    'first.last+tag@sub.b.example',
    'büro@bäckerei.example',
    '用户@例子.example',
  ])
    expect(isEmail(good)).toBe(true);
  for (const bad of [
    '',
    'a',
    'a@b',
    'a b@c.example',
    '@c.example',
    'a@c..example',
    'a@-c.example',
    'ä@-ö.example',
    'a@b\u200b.example',
  ])
    expect(isEmail(bad)).toBe(false);
});

test('email addresses are found in a text, where they stand', () => {
  const text =
    'Write to desk@a.example, or (b.c+d@sub.b-c.example). Not @c, d@e, or x@.f; a@b.example@c.example, büro@bäckerei.example; メールinfo@d.example';
  expect(
    emailsIn(text).map(({ 0: email, index }) => [email, text.slice(index, index + email.length)]),
  ).toEqual(
    ['desk@a.example', 'b.c+d@sub.b-c.example', 'a@b.example', 'büro@bäckerei.example', 'info@d.example'].map(
      (email) => [email, email],
    ),
  );
});
