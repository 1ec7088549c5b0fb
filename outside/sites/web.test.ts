import { expect, test } from '@jest/globals';
import { readDocument } from '#core/html';
import { linksOf } from '#core/reading';
import type { Fetcher } from '../fetcher.ts';
import { SiteProblem, webSite } from './index.ts';

type Answer =
  string | { readonly status?: number; readonly type?: string; readonly text?: string; readonly to?: string };

/** A web of these answers; what it was asked for is noted. */
function web(answers: Readonly<Record<string, Answer>>) {
  const asked: string[] = [];
  const fetcher: Fetcher = {
    isStandin: () => true,
    fetch: (url) => {
      asked.push(url);
      const answer = answers[url];
      const {
        status = 200,
        type = 'text/html; charset=utf-8',
        text = '',
        to = url,
      } = typeof answer === 'string' ? { text: answer } : (answer ?? { status: 404 });
      const rest = { headers: {}, redirects: [], milliseconds: 0, contentType: type };
      return Promise.resolve({ ok: true, url: to, status, bytes: Buffer.from(text), ...rest });
    },
  };
  const site = (base: string) =>
    webSite(base, {
      fetcher,
      linksOf: (bytes, url) => Promise.resolve(linksOf(readDocument(Buffer.from(bytes).toString()), url)),
    });
  return { site, asked };
}

const link = (...addresses: readonly string[]): string =>
  addresses.map((address) => `<a href="${address}">x</a>`).join('');
const textOf = async (read: Promise<{ bytes: Buffer } | undefined>): Promise<string | undefined> =>
  (await read)?.bytes.toString();

test('a site by hand is crawled from where it begins: its own pages, each once, and no other’s', async () => {
  const { site, asked } = web({
    'https://shop.example/': link(
      '/about',
      'contact.html#map',
      '/about',
      'https://other.example/',
      '/img/a.jpg',
      '/?page=2',
      'mailto:a@shop.example',
    ),
    'https://shop.example/about': link('/', '/shops/', '/gone', '/moved'),
    'https://shop.example/contact.html': 'contact',
    'https://shop.example/shops/': link('../about'),
    'https://shop.example/img/a.jpg': { type: 'image/jpeg', text: 'x' },
    'https://shop.example/moved': { to: 'https://other.example/moved', text: 'elsewhere' },
  });
  const pages = site('https://shop.example/');
  expect(await pages.list()).toEqual(['about', 'contact.html', 'index.html', 'shops/index.html']);
  expect(await textOf(pages.read('contact.html'))).toBe('contact');
  expect(await pages.read('gone')).toBeUndefined();
  expect(asked.filter((url) => url.includes('other.example'))).toEqual([]);
  expect(asked.filter((url) => url === 'https://shop.example/about')).toHaveLength(1);
  await expect(pages.put('about', Buffer.from('x'), { bytes: Buffer.alloc(0), tag: '' })).rejects.toThrow(
    SiteProblem,
  );
});

test('its sitemap names its pages where it has one, and nothing is crawled', async () => {
  const { site, asked } = web({
    'https://shop.example/robots.txt': { type: 'text/plain', text: 'Sitemap: https://shop.example/map.xml' },
    'https://shop.example/map.xml': {
      type: 'application/xml',
      text: '<urlset><url><loc>https://shop.example/a/</loc></url><url><loc>https://shop.example/b%20c.html</loc></url><url><loc>https://other.example/</loc></url></urlset>',
    },
    'https://shop.example/b%20c.html': 'bc',
  });
  const pages = site('https://shop.example/');
  expect(await pages.list()).toEqual(['a/index.html', 'b c.html']);
  expect(await textOf(pages.read('b c.html'))).toBe('bc');
  expect(asked).not.toContain('https://shop.example/');
});

test('a site below a folder has the pages of that folder alone', async () => {
  const { site } = web({
    'https://host.example/shop/': link('a.html', '../b.html', '/shop/c/', '/shopping/d.html'),
    'https://host.example/shop/a.html': '',
    'https://host.example/shop/c/': '',
    'https://host.example/b.html': '',
  });
  expect(await site('https://host.example/shop/').list()).toEqual(['a.html', 'c/index.html', 'index.html']);
});

test('what robots.txt forbids is not read, and a site that does not answer says so', async () => {
  const { site } = web({
    'https://shop.example/robots.txt': { type: 'text/plain', text: 'User-agent: *\nDisallow: /secret' },
    'https://shop.example/': link('/secret/a.html', '/b.html'),
    'https://shop.example/secret/a.html': 'secret',
    'https://shop.example/b.html': 'b',
  });
  expect(await site('https://shop.example/').list()).toEqual(['b.html', 'index.html']);
  expect(() => site('no address')).toThrow(SiteProblem);
  const closed: Fetcher = {
    isStandin: () => true,
    fetch: (url) => Promise.resolve({ ok: false, message: `${url} cannot be fetched.` }),
  };
  const gone = webSite('https://gone.example/', { fetcher: closed, linksOf: () => Promise.resolve([]) });
  await expect(gone.list()).rejects.toThrow('cannot be fetched');
});
