/** What a record keeps as it came, says in its country's language, and many branches are told at once. */
import { describe, expect, test } from '@jest/globals';
import { jsonLd } from '#core/markup';
import { emptyRecord } from '#core/record';
import type { Hand } from './hand.ts';
import { workbench } from './workbench.ts';

const bench = workbench('kept');
let hand: Hand;

bench.opened(async (one) => {
  hand = one;
  await fetch(`${hand.address}/api/clients`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', origin: hand.address },
    body: JSON.stringify({ name: 'Inns' }),
  });
});

const fact = (name: string): string => `[id="fact-${name}"]`;
const shown = async (): Promise<Record<string, unknown>> =>
  JSON.parse((await hand.text('pre[aria-label="JSON-LD"]')).replace(/<\/?script[^>]*>/g, '')) as Record<
    string,
    unknown
  >;

async function newBranch(client: string, label: string): Promise<void> {
  await hand.go('/');
  await hand.act(client, 'Add branch');
  await hand.fill('[role=dialog] input', label);
  await hand.click('button', 'Add');
  await hand.page.waitForSelector(fact('name'));
}

const inn = {
  '@context': 'https://schema.org',
  '@graph': [
    {
      '@type': 'Hotel',
      '@id': 'https://inn.example/#inn',
      name: 'Gasthof Zur Föhre',
      telephone: ['089 55 01 23', '+49 89 550124'],
      address: {
        '@type': 'PostalAddress',
        '@id': 'https://inn.example/#address',
        streetAddress: 'Am Tor 1',
        addressLocality: 'München',
        postalCode: '80331',
        addressCountry: { '@type': 'Country', name: 'DE' },
      },
      checkinTime: '14:00',
      petsAllowed: true,
      hasCredential: 'Licence 12',
      starRating: { '@type': 'Rating', ratingValue: 4 },
    },
    {
      '@type': 'WebSite',
      '@id': 'https://inn.example/#site',
      publisher: { '@id': 'https://inn.example/#inn' },
    },
  ],
};

describe('markup written by hand', () => {
  test('comes in, is changed in two facts, and goes out with nothing else changed', async () => {
    await newBranch('Inns', 'The inn');
    await hand.click('button', 'More');
    await hand.click('menuitem', 'Start from a page or markup …');
    await hand.fill('[aria-label="Address, HTML or JSON-LD"]', JSON.stringify(inn));
    await hand.click('button', 'Read');
    await hand.see('hasCredential', '[role=dialog]');
    await hand.click('button', 'Choose all');
    await hand.page.$$eval('[role=dialog] button', (buttons) => {
      buttons.find((button) => button.textContent.startsWith('Take'))?.click();
    });
    await hand.page.waitForSelector('[role=dialog]', { hidden: true });
    expect(await shown()).toEqual(inn);
    await hand.fill(fact('address.streetAddress'), 'Am Tor 3');
    await hand.fill('[aria-label$="hasCredential"]', 'Licence 13');
    await hand.see('All saved');
    const [hotel, site] = inn['@graph'];
    expect(await shown()).toEqual({
      ...inn,
      '@graph': [
        { ...hotel, address: { ...hotel?.address, streetAddress: 'Am Tor 3' }, hasCredential: 'Licence 13' },
        site,
      ],
    });
    await hand.see('Kept as it came');
    await hand.accessible();
  });

  test('has any property added, nested where its kind is a type', async () => {
    await newBranch('Inns', 'The other inn');
    await hand.fill(fact('name'), 'Inn');
    await hand.fill('[aria-label="Add fact"]', 'Other properties');
    await hand.page.keyboard.press('ArrowDown');
    await hand.page.keyboard.press('Enter');
    await hand.page.waitForSelector('[aria-label="Add to Other properties"]');
    await hand.fill('[aria-label="Add to Other properties"]', 'containsPlace');
    await hand.page.keyboard.press('Enter');
    await hand.click('button', 'Place …');
    const group = '[role=group][aria-label$="containsPlace"]';
    await hand.page.waitForSelector(group);
    await hand.fill(`${group} [aria-label^="Add to"]`, 'name');
    await hand.page.keyboard.press('Enter');
    await hand.fill('[aria-label$="containsPlace: name"]', 'Garden');
    await hand.see('All saved');
    expect((await shown())['containsPlace']).toEqual({
      '@type': 'Place',
      name: 'Garden',
    });
  });
});

describe('what people read', () => {
  test('is in the language of the country, or in own words', async () => {
    await newBranch('Inns', 'Berlin');
    await hand.fill(fact('name'), 'Bäckerei Föhre');
    await hand.fill(fact('telephone'), '030 5550100');
    await hand.fill(fact('address.addressCountry'), 'DE');
    await hand.fill(fact('hours.Sunday'), 'closed');
    await hand.click('button', 'HTML');
    await hand.see('<p>Telefon: ');
    await hand.see('<li>So: <span');
    await hand.see('>geschlossen</');
    await hand.click('button', 'Choices');
    await hand.fill('[aria-label="Own words"]', 'closed = Ruhetag');
    await hand.see('>Ruhetag</');
    await hand.accessible();
    await hand.page.keyboard.press('Escape');
    await hand.see('All saved');
  });
});

describe('many branches', () => {
  test('are told a fact at once, and it is taken back at once', async () => {
    const clientId = await hand.page.evaluate(
      async (records) => {
        const post = async (path: string, body: unknown): Promise<{ id: number }> =>
          (await (
            await fetch(path, {
              method: 'POST',
              headers: { 'content-type': 'application/json' },
              body: JSON.stringify(body),
            })
          ).json()) as { id: number };
        const { id } = await post('/api/clients', { name: 'Forty Ovens' });
        await post(`/api/clients/${String(id)}/branches/import`, { branches: records });
        return id;
      },
      Array.from({ length: 40 }, (_, at) => ({
        label: `Oven ${String(at + 1)}`,
        record: { ...emptyRecord, name: `Oven ${String(at + 1)}`, priceRange: at === 0 ? '$' : '' },
      })),
    );
    const priced = (): Promise<number> =>
      hand.page.evaluate(async (id) => {
        const answer = await fetch(`/api/clients/${String(id)}/records`);
        const { branches } = (await answer.json()) as { branches: { record: { priceRange: string } }[] };
        return branches.filter(({ record }) => record.priceRange === '$$').length;
      }, clientId);
    await hand.go('/');
    await hand.act('Forty Ovens', 'Facts of many branches …');
    await hand.see('No branch would change', '[role=dialog]');
    await hand.page.locator('::-p-aria([name="New value"][role="textbox"])').fill('$$');
    await hand.see('40 branches of 40 would change', '[role=dialog]');
    await hand.accessible();
    await hand.click('button', 'Change 40');
    await hand.see('40 branches of Forty Ovens: Price range set.');
    expect(await priced()).toBe(40);
    await hand.page.$$eval('button', (buttons) => {
      buttons.find(({ textContent }) => textContent === 'Undo')?.click();
    });
    await hand.page.waitForFunction(() => !document.body.textContent.includes('Price range set.'));
    // The notice goes as soon as it is pressed; what it asks for is done a moment later.
    for (const end = Date.now() + 60_000; (await priced()) > 0 && Date.now() < end;)
      await new Promise((resolve) => setTimeout(resolve, 100));
    expect(await priced()).toBe(0);
  });

  test('have page addresses proposed from the pattern, and @ids that stay', async () => {
    const record = { ...emptyRecord, url: 'https://ovens.example/truro/' };
    expect(jsonLd(record).text).toContain('"@id": "https://ovens.example/truro/#branch"');
    await newBranch('Forty Ovens', 'Truro');
    await hand.fill('[aria-label="Add fact"]', 'Page-address pattern');
    await hand.page.keyboard.press('ArrowDown');
    await hand.page.keyboard.press('Enter');
    await hand.fill(fact('pagePattern'), 'https://ovens.example/{town}/');
    await hand.fill(fact('address.addressLocality'), 'St Ives');
    await hand.click('button', 'https://ovens.example/st-ives/');
    await hand.page.focus(fact('url'));
    await hand.page.keyboard.press('Tab');
    await hand.see('All saved');
    await hand.fill(fact('url'), 'https://ovens.example/new/');
    await hand.see('All saved');
    expect((await shown())['@id']).toBe('https://ovens.example/st-ives/#branch');
  });
});
