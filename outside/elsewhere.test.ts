import { expect, test } from '@jest/globals';
import { larkspur } from '#sample';
import { ElsewhereLook } from './elsewhere.ts';
import type { Fetcher } from './fetcher.ts';

const image = 'https://shop.example/front.jpg';
const profile = 'https://social.example/shop';
const record = {
  ...larkspur,
  image: [
    { url: image, caption: '', width: '', height: '' },
    { url: 'front.jpg', caption: '', width: '', height: '' },
  ],
  logo: [],
  sameAs: [profile],
};

/** A web that answers with a status and a text each; what it was asked for is counted. */
function web(answers: Readonly<Record<string, readonly [status: number, text: string]>>) {
  const asked: string[] = [];
  const fetcher: Fetcher = {
    isStandin: () => true,
    fetch: (url) => {
      asked.push(url);
      const [status, text] = answers[url] ?? [0, ''];
      if (status === 0) return Promise.resolve({ ok: false, message: 'nobody answers' });
      const rest = { headers: {}, redirects: [], milliseconds: 0, contentType: '' };
      return Promise.resolve({ ok: true, url, status, bytes: Buffer.from(text), ...rest });
    },
  };
  return { look: new ElsewhereLook(fetcher), asked };
}
const states = (found: readonly { readonly address: string; readonly state: string }[]) =>
  found.map(({ address, state }) => [address, state]);

test('pictures are there, changed or gone; an address that many share is asked once', async () => {
  const first = web({ [image]: [200, 'a'], [profile]: [200, ''] });
  const before = await first.look.at(record, []);
  expect(states(before)).toEqual([
    [image, 'there'],
    [profile, 'there'],
  ]);
  await first.look.at(record, before);
  expect(first.asked).toEqual([image, profile]);
  const changed = await web({ [image]: [200, 'b'], [profile]: [403, ''] }).look.at(record, before);
  expect(states(changed)).toEqual([
    [image, 'changed'],
    [profile, 'there'],
  ]);
  const gone = await web({ [image]: [404, 'x'], [profile]: [410, ''] }).look.at(record, changed);
  expect(states(gone)).toEqual([
    [image, 'gone'],
    [profile, 'gone'],
  ]);
  // What comes back as it was before it went is the same.
  const back = await web({ [image]: [200, 'b'], [profile]: [200, ''] }).look.at(record, gone);
  expect(back.map(({ state }) => state)).toEqual(['there', 'there']);
});

test('a profile that was never seen is not told as gone, a picture is', async () => {
  const found = await web({}).look.at(record, []);
  expect(found.map(({ state }) => state)).toEqual(['gone', 'unseen']);
  const again = await web({}).look.at(record, found);
  expect(again.map(({ state }) => state)).toEqual(['gone', 'unseen']);
});
