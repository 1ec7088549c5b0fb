import { describe, expect, test } from '@jest/globals';
import type { Fetched, Fetcher } from './fetcher.ts';
import { Pacer } from './pacer.ts';
import { robotsOf } from './robots.ts';

/** A web of texts by their addresses; asked counts the requests. */
function web(texts: Readonly<Record<string, string>>): { fetcher: Fetcher; asked: string[] } {
  const asked: string[] = [];
  const fetch = (url: string): Promise<Fetched> => {
    asked.push(url);
    const text = texts[url];
    return Promise.resolve({
      ok: true,
      url,
      status: text === undefined ? 404 : 200,
      contentType: 'text/plain',
      headers: {},
      bytes: Buffer.from(text ?? ''),
      redirects: [],
      milliseconds: 1,
    });
  };
  return { fetcher: { fetch, isStandin: () => false }, asked };
}

describe('the robots.txt of a host', () => {
  test('is asked once, and by the name hosts know us by', async () => {
    const { fetcher, asked } = web({
      'https://a.example/robots.txt':
        'User-agent: *\nAllow: /\n\nUser-agent: ZincPost\nDisallow: /private\nCrawl-delay: 3\n\nSitemap: https://a.example/s.xml',
    });
    const robots = robotsOf(fetcher);
    expect(await robots.refusal('https://a.example/private/x')).toContain('asks not to read');
    expect(await robots.refusal('https://a.example/open')).toBe('');
    expect(await robots.delay('https://a.example/open')).toBe(3000);
    expect(await robots.sitemaps('https://a.example/')).toEqual(['https://a.example/s.xml']);
    expect(asked).toEqual(['https://a.example/robots.txt']);
  });

  test('allows everything where there is none, and bounds the delay it asks for', async () => {
    const { fetcher } = web({ 'https://b.example/robots.txt': 'User-agent: *\nCrawl-delay: 86400' });
    const robots = robotsOf(fetcher);
    expect(await robots.refusal('https://none.example/x')).toBe('');
    expect(await robots.delay('https://none.example/x')).toBe(0);
    expect(await robots.delay('https://b.example/x')).toBe(10_000);
  });
});

test('requests to one host are spread over time, those to others go at once', () => {
  let now = 0;
  const pacer = new Pacer(() => now);
  expect([pacer.turn('a', 100), pacer.turn('a', 100), pacer.turn('b', 100), pacer.turn('a', 100)]).toEqual([
    0, 100, 0, 200,
  ]);
  now = 1000;
  expect(pacer.turn('a', 100)).toBe(0);
});
