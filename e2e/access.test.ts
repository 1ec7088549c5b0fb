/** By keyboard, by name, and on small screens: what everybody must be able to do. */
import { describe, expect, test } from '@jest/globals';
import type { Hand } from './hand.ts';
import { workbench } from './workbench.ts';

const bench = workbench('access');
let hand: Hand;
let quay = '';

bench.opened(async (one) => {
  hand = one;
  quay = `/branches/${String(await hand.branchNamed('Quay Street'))}`;
});
const VIEWS = ['record', 'check', 'pages', 'photos'] as const;
const focused = (): Promise<string> =>
  hand.page.evaluate(() => {
    const { activeElement } = document;
    const text = activeElement?.getAttribute('aria-label') ?? activeElement?.textContent ?? '';
    return `${activeElement?.tagName ?? ''} ${text.slice(0, 40)}`;
  });
const chord = async (key: 'k'): Promise<void> => {
  await hand.page.keyboard.down('Control');
  await hand.page.keyboard.press(key);
  await hand.page.keyboard.up('Control');
};

describe('the keyboard', () => {
  test('reaches the view first, and Escape leaves what is open', async () => {
    await hand.go('/');
    await hand.page.keyboard.press('Tab');
    expect(await focused()).toBe('A To the view');
    await hand.page.keyboard.press('Enter');
    expect(await focused()).toMatch(/^MAIN/);
    for (const words of ['', 'quay']) {
      await chord('k');
      await hand.page.waitForSelector('[role=dialog] input');
      if (words) await hand.page.keyboard.type(words);
      await hand.page.keyboard.press('Escape');
      await hand.page.waitForFunction(() => !document.querySelector('[role=dialog]'));
    }
    await hand.page.keyboard.press('?');
    await hand.see('Keyboard shortcuts', '[role=dialog]');
    await hand.accessible();
    await hand.page.keyboard.press('Escape');
    await hand.page.waitForFunction(() => !document.querySelector('[role=dialog]'));
    expect(await focused()).not.toMatch(/^BODY/);
  });

  test('is somewhere after what it was on is gone', async () => {
    await hand.go('/');
    await hand.act('Studio', 'Delete');
    await hand.see('was deleted');
    await hand.page.waitForFunction(() => document.activeElement !== document.body);
    await hand.click('button', 'Undo');
    await hand.see('is back');
    await hand.page.waitForFunction(() => document.activeElement !== document.body);
  });

  test('finds the best first: a street, a client’s branches, a branch with its view, and what can be done', async () => {
    await hand.go(`${quay}/record`);
    const first = async (words: string): Promise<string> => {
      await chord('k');
      await hand.page.waitForSelector('[role=dialog] input');
      await hand.page.keyboard.type(words);
      await hand.page.waitForFunction(() => document.querySelector('[role=option]'));
      await hand.rest();
      const found = await hand.page.$eval('[role=option]', (option) => option.textContent);
      await hand.page.keyboard.press('Escape');
      await hand.page.waitForFunction(() => !document.querySelector('[role=dialog]'));
      return found;
    };
    expect(await first('quay')).toBe('Quay Street: Record');
    expect(await first('hollins')).toMatch(/^(Marl Cross|Saltby): Record$/);
    expect(await first('tallow pages')).toBe('Tallow Bay: Pages');
    expect(await first('stamp')).toBe('Stamp photos: Quay Street');
    expect(await first('add a cl')).toBe('Add a client');
  });

  test('shows where it is on every button', async () => {
    for (const path of ['/', `${quay}/record`, `${quay}/pages`]) {
      await hand.go(path);
      const silent: string[] = [];
      for (let step = 0; step < 25; step += 1) {
        await hand.page.keyboard.press('Tab');
        const told = await hand.page.evaluate(() => {
          const element = document.activeElement;
          if (!(element instanceof HTMLElement) || element === document.body) return 'the body';
          const seen = (one: Element | null): boolean => {
            if (!one) return false;
            const { outlineStyle, outlineWidth, boxShadow } = getComputedStyle(one);
            return (outlineStyle !== 'none' && outlineWidth !== '0px') || boxShadow !== 'none';
          };
          // A text shows its cursor; what lies round it may show the focus instead.
          if (/^(INPUT|TEXTAREA)$/.test(element.tagName) || element.isContentEditable) return '';
          if (seen(element) || seen(element.parentElement)) return '';
          return `${element.tagName} ${element.getAttribute('aria-label') ?? element.textContent.slice(0, 30)}`;
        });
        if (told) silent.push(told);
      }
      expect([path, silent]).toEqual([path, []]);
    }
  });
});

test('every view has a title', async () => {
  const titles: string[] = [];
  for (const path of ['/', ...VIEWS.map((view) => `${quay}/${view}`), '/trash', '/clients/1/defaults']) {
    await hand.go(path);
    await hand.page.waitForFunction(() => !document.title.startsWith('Zinc Post'));
    titles.push(await hand.page.title());
  }
  expect(titles[1]).toBe('Record of Quay Street, Larkspur & Vane Veterinary Care · Zinc Post');
  expect(new Set(titles).size).toBe(titles.length);
});

describe.each([
  [640, 400],
  [1024, 700],
])('at %i × %i', (width, height) => {
  test.each(['/', ...VIEWS])('%s shows its surface, and nothing lies over anything', async (view) => {
    await hand.page.setViewport({ width, height });
    await hand.go(view === '/' ? view : `${quay}/${view}`);
    await hand.rest();
    const seen = await hand.page.evaluate(() => {
      const box = (selector: string): DOMRect | undefined =>
        document.querySelector(selector)?.getBoundingClientRect();
      const bar = [...(document.querySelector('header')?.children ?? [])].map((one) =>
        one.getBoundingClientRect(),
      );
      const overlaps = bar.some((one, at) =>
        bar.slice(at + 1).some((other) => one.right > other.left + 1 && other.width > 0 && one.width > 0),
      );
      const tray = box('[role=separator]');
      const main = box('main');
      return {
        overlaps,
        sideways: document.documentElement.scrollWidth > window.innerWidth,
        surface: tray && main ? tray.top - main.top : (main?.height ?? 0),
      };
    });
    expect(seen).toMatchObject({ overlaps: false, sideways: false });
    expect(seen.surface).toBeGreaterThan(150);
    await hand.accessible();
  });
});
