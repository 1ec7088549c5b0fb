import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import type { Browser, ElementHandle, Page } from 'puppeteer-core';

/** Longer than anything takes on a machine that others use too. */
const WAIT_MS = 60_000;
/** So often a text is looked for: to read a whole page at each of its frames would slow what is waited for. */
const LOOK_MS = 100;

/** What a person does with a page: finds things by their names, clicks, types, waits to see. */
export class Hand {
  readonly page: Page;
  /** Of the application, http://127.0.0.1:port */
  readonly address: string;

  private constructor(page: Page, address: string) {
    this.page = page;
    this.address = address;
    page.setDefaultTimeout(WAIT_MS);
  }

  /** A new page of the usual size. */
  static async open(browser: Browser, address: string): Promise<Hand> {
    const page = await browser.newPage();
    await page.setViewport({ width: 1280, height: 800 });
    return new Hand(page, address);
  }

  async go(path: string): Promise<void> {
    await this.page.goto(`${this.address}${path}`, { waitUntil: 'networkidle0' });
  }

  /** The number of the branch with a label. */
  async branchNamed(label: string): Promise<number> {
    const answer = await fetch(`${this.address}/api/search?q=${encodeURIComponent(label)}`);
    const found = (await answer.json()) as { branches: { id: number; label: string }[] };
    const branch = found.branches.find((one) => one.label === label);
    if (!branch) throw new Error(`There is no branch “${label}”: ${JSON.stringify(found)}`);
    return branch.id;
  }

  /** Waits until an element is there. */
  async find(selector: string): Promise<void> {
    await this.page.waitForSelector(selector).catch(async () => {
      const shown = await this.text('body');
      throw new Error(`${selector} did not come to stand on ${this.page.url()}:\n${shown.slice(0, 2000)}`);
    });
  }

  async click(role: string, name: string): Promise<void> {
    await this.page.locator(`::-p-aria([name="${name}"][role="${role}"])`).click();
  }

  /** Chooses what to do with a row of the desk. */
  async act(row: string, words: string): Promise<void> {
    await this.click('button', `Actions for ${row}`);
    await this.click('menuitem', words);
  }

  /** Replaces what stands in a field, at once as a paste does. */
  async fill(selector: string, text: string): Promise<void> {
    await this.page.waitForSelector(selector);
    await this.page.click(selector, { count: 3 });
    await this.page.keyboard.press('Backspace');
    if (text) await this.page.keyboard.sendCharacter(text);
  }

  /** Types a text into a field, letter by letter. */
  async type(selector: string, text: string): Promise<void> {
    await this.fill(selector, '');
    await this.page.keyboard.type(text);
  }

  /** Waits until the page has drawn what it was asked for last, however slow the machine. */
  async rest(): Promise<void> {
    await this.page.evaluate(
      () =>
        new Promise<void>((resolve) => {
          requestIdleCallback(() => {
            setTimeout(() => {
              requestIdleCallback(() => {
                resolve();
              });
            }, 100);
          });
        }),
    );
  }

  /** Waits until a text stands in an element. */
  async see(text: string, selector = 'body'): Promise<void> {
    await this.page
      .waitForFunction(
        (where, what) =>
          [...document.querySelectorAll(where)].some((element) =>
            (element as HTMLElement).innerText.includes(what),
          ),
        { polling: LOOK_MS },
        selector,
        text,
      )
      .catch(async () => {
        const shown = await this.page.$$eval(selector, (all) =>
          all.map((element) => (element as HTMLElement).innerText).join('\n'),
        );
        throw new Error(`“${text}” did not come to stand in ${selector}:\n${shown.slice(0, 2000)}`);
      });
  }

  async text(selector: string): Promise<string> {
    return this.page.$eval(selector, (element) => (element as HTMLElement).innerText);
  }

  async upload(label: string, ...files: string[]): Promise<void> {
    const input = await this.page.waitForSelector(`input[type=file][aria-label="${label}"]`);
    await (input as ElementHandle<HTMLInputElement>).uploadFile(...files);
  }

  /** The bytes behind an address of the application, fetched by the page itself. */
  async fetchBytes(path: string): Promise<Buffer> {
    const base64 = await this.page.evaluate(async (address) => {
      const response = await fetch(address);
      const bytes = new Uint8Array(await response.arrayBuffer());
      return btoa(Array.from(bytes, (byte) => String.fromCharCode(byte)).join(''));
    }, path);
    return Buffer.from(base64, 'base64');
  }

  /** Fails with what axe finds against accessibility. */
  async accessible(): Promise<void> {
    await this.page.evaluate(axeSource);
    const violations = await this.page.evaluate(async () => {
      const axe = Reflect.get(window, 'axe') as {
        run: (
          options: unknown,
        ) => Promise<{ violations: { id: string; help: string; nodes: { html: string }[] }[] }>;
      };
      const result = await axe.run({ runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa'] });
      return result.violations.map(
        ({ id, help, nodes }) => `${id}: ${help}: ${nodes.map(({ html }) => html.slice(0, 160)).join(' | ')}`,
      );
    });
    if (violations.length > 0) throw new Error(violations.join('\n'));
  }
}

const axeSource = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');
