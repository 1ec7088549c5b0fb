import { describe, expect, test } from '@jest/globals';
import { readDocument } from '#core/html';
import { linksOf, readSitemap } from './index.ts';

describe('a sitemap', () => {
  test('names pages, each once, whatever prefix it uses', () => {
    const xml =
      '<?xml version="1.0"?><s:urlset xmlns:s="http://www.sitemaps.org/schemas/sitemap/0.9"><s:url><s:loc> https://a.example/?x=1&amp;y=2 </s:loc><s:lastmod>2026-01-01</s:lastmod></s:url><s:url><s:loc>https://a.example/?x=1&amp;y=2</s:loc></s:url></s:urlset>';
    expect(readSitemap(xml, 10)).toEqual({ urls: ['https://a.example/?x=1&y=2'], sitemaps: [] });
  });

  test('names further sitemaps, and no pictures', () => {
    const xml =
      '<sitemapindex><sitemap><loc>https://a.example/1.xml</loc></sitemap></sitemapindex><url><loc>https://a.example/p</loc><image:image><image:loc>https://a.example/i.jpg</image:loc></image:image></url>';
    expect(readSitemap(xml, 10)).toEqual({
      urls: ['https://a.example/p'],
      sitemaps: ['https://a.example/1.xml'],
    });
  });

  test('may be a text file with one address a line', () => {
    expect(readSitemap('https://a.example/1\r\nnot an address\nhttps://a.example/2', 10).urls).toEqual([
      'https://a.example/1',
      'https://a.example/2',
    ]);
  });

  test('may be a feed, of which the entries’ own pages are taken', () => {
    const rss =
      '<rss version="2.0"><channel><link>https://a.example/</link><item><title>x</title><link>https://a.example/1#top</link><guid>g</guid></item></channel></rss>';
    expect(readSitemap(rss, 10)).toEqual({ urls: ['https://a.example/1'], sitemaps: [] });
    const atom =
      '<feed xmlns="http://www.w3.org/2005/Atom"><link href="https://a.example/"/><entry><link rel="edit" href="https://a.example/e"/><link href="https://a.example/2"/></entry></feed>';
    expect(readSitemap(atom, 10).urls).toEqual(['https://a.example/2']);
  });

  test('that breaks off names what it names whole', () => {
    const cut =
      '<urlset><url><loc>https://a.example/1</loc></url><url><loc>https://a.example/1#x</loc></url><url><loc>https://a.ex';
    expect(readSitemap(cut, 10).urls).toEqual(['https://a.example/1']);
  });

  test('expands no entities, takes no other schemes, and is bounded', () => {
    const bomb =
      '<!DOCTYPE x [<!ENTITY a "https://evil.example/">]><urlset><url><loc>&a;</loc></url><url><loc>file:///etc/passwd</loc></url></urlset>';
    expect(readSitemap(bomb, 10).urls).toEqual([]);
    const many = `<urlset>${Array.from({ length: 50 }, (_, at) => `<url><loc>https://a.example/${String(at)}</loc></url>`).join('')}</urlset>`;
    expect(readSitemap(many, 7).urls).toHaveLength(7);
  });
});

describe('the links of a page', () => {
  const links = (body: string): readonly string[] =>
    linksOf(readDocument(body), 'https://a.example/dir/page.html');

  test('are those of the same host, each once, without fragments', () => {
    expect(
      links(
        '<a href="b.html#x">1</a><a href="/c">2</a><a href="b.html">3</a><a href="https://b.example/">4</a><a href="//a.example/d">5</a>',
      ),
    ).toEqual(['https://a.example/dir/b.html', 'https://a.example/c', 'https://a.example/d']);
  });

  test('are none where nobody knows where the page stands', () =>
    expect(linksOf(readDocument('<a href="https://a.example/b">1</a>'), 'no address')).toEqual([]));

  test('leave out files, other schemes, nofollow and templates', () => {
    expect(
      links(
        '<a href="/a.PDF">1</a><a href="mailto:a@b.example">2</a><a rel="nofollow" href="/n">3</a><template><a href="/t">4</a></template><a>5</a>',
      ),
    ).toEqual([]);
  });
});
