import { test as base, expect, type Locator, type Page } from '@playwright/test';
import type axe from 'axe-core';
import { execFileSync, spawn } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { createServer } from 'node:net';
import { join } from 'node:path';

const root = join(import.meta.dirname, '../..');

/** A program of its own, on a database of its own. */
export type House = { address: string; stop: () => void; start: () => Promise<void> };

async function freePort(): Promise<number> {
  return new Promise((resolve) => {
    const server = createServer().listen(0, '127.0.0.1', () => {
      const { port } = server.address() as { port: number };
      server.close(() => resolve(port));
    });
  });
}

/** Makes a database on the tests' cluster; its connection string. */
function makeDatabase(): string {
  const cluster = process.env.ZR_TEST_DATABASE;
  if (!cluster) throw new Error('ZR_TEST_DATABASE is not set: run ./test.');
  const part = Object.fromEntries(cluster.split(';').map((p) => p.split('=') as [string, string]));
  const name = `e${Date.now()}${Math.floor(Math.random() * 1e6)}`;
  execFileSync(
    'psql',
    [
      '-q',
      '-h',
      part.Host!,
      '-p',
      part.Port!,
      '-U',
      part.Username!,
      '-d',
      'postgres',
      '-c',
      `create database ${name}`,
    ],
    {
      env: { ...process.env, PGPASSWORD: part.Password },
    },
  );
  return cluster.replace(/Database=[^;]*/, `Database=${name}`);
}

/** Opens a house: the program as it is run, with the demonstration or empty. */
export async function openHouse(...args: string[]): Promise<House> {
  const database = makeDatabase();
  const port = await freePort();
  let program: ReturnType<typeof spawn>;
  const start = () =>
    new Promise<void>((resolve, reject) => {
      program = spawn('dotnet', [join(root, 'src/Web/bin/Checked/net10.0/ZephyrReach.Web.dll'), ...args], {
        cwd: root,
        env: {
          ...process.env,
          ZR_DATABASE: database,
          PORT: `${port}`,
          ASPNETCORE_CONTENTROOT: join(root, 'src/Web'),
        },
      });
      program.stdout!.once('data', () => resolve());
      program.stderr!.on('data', (text) => reject(new Error(String(text))));
    });
  await start();
  return { address: `http://127.0.0.1:${port}`, stop: () => void program.kill('SIGKILL'), start };
}

/** The tests' own kind of test: `house` has the demonstration, `page` is at home in it. Nothing may fail unseen, and the console says nothing. */
export const test = base.extend<{ quiet: undefined }, { house: House }>({
  house: [
    // eslint-disable-next-line no-empty-pattern
    async ({}, use) => {
      const house = await openHouse();
      await use(house);
      house.stop();
    },
    { scope: 'worker' },
  ],
  baseURL: async ({ house }, use) => use(house.address),
  quiet: [
    async ({ page }, use) => {
      watch(page);
      const broken: string[] = [];
      page.on('pageerror', (error) => broken.push(error.message));
      page.on('response', (response) => {
        if (response.status() >= 400) broken.push(`${response.status()} ${response.url()}`);
      });
      page.on('console', (line) => {
        // That a server which was stopped does not answer is said by the browser itself.
        if (line.type() === 'error' && !line.text().includes('ERR_')) broken.push(line.text());
      });
      await use(undefined);
      expect(broken).toEqual([]);
    },
    { auto: true },
  ],
});

/** Goes to another view as a link within the page does, without loading the program anew. */
export async function goTo(page: Page, path: string) {
  if (!page.url().startsWith('http')) return void (await page.goto(path));
  await page.evaluate((path) => {
    const idx = ((history.state as { idx?: number } | null)?.idx ?? 0) + 1;
    history.pushState({ usr: null, key: `${idx}`, idx }, '', path);
    dispatchEvent(new PopStateEvent('popstate', { state: history.state }));
  }, path);
}

/** Scrolls down until something is there: of a long list only what is looked at is drawn. */
export async function scrolledTo(page: Page, what: Locator) {
  await expect(async () => {
    if ((await what.count()) === 0) await page.mouse.wheel(0, 3000);
    expect(await what.count()).toBeGreaterThan(0);
  }).toPass();
}

/** Opens a working of the demonstration, by its name on the bench. */
export async function openWorking(page: Page, name: string, stage?: string) {
  await page.goto('/');
  const link = page.getByRole('link', { name });
  await scrolledTo(page, link);
  await link.click();
  await expect(page.getByLabel('Name of this part')).toHaveValue(name);
  if (stage)
    await page
      .getByRole('navigation', { name: 'Stages' })
      .getByRole('link', { name: stage, exact: true })
      .click();
}

/** Begins a project and a working in it, ready for its first figure. */
export async function beginWorking(
  page: Page,
  project: string,
  way = 'Gathering with basting threads',
  first = 'Finished length',
  address = '',
) {
  await page.goto(`${address}/`);
  await page.getByRole('button', { name: /^(New project|Plan something)$/ }).click();
  await page.getByLabel('What are you making?').fill(project);
  await page.getByRole('button', { name: 'Create', exact: true }).click();
  await page.getByRole('region', { name: project }).getByRole('button', { name: 'Add a part' }).click();
  await page
    .getByRole('menuitem', { name: new RegExp(`^${way}`) })
    .first()
    .click();
  await expect(page.getByRole('textbox', { name: first })).toBeVisible();
}

/** A field by its name, ready to be typed into: its box, or where the drawing states it, what opens there. */
export async function field(page: Page, label: string): Promise<Locator> {
  // Where it is being typed on the drawing too, its own box is the later.
  const box = page.getByRole('textbox', { name: label, exact: true }).last();
  const stated = page.getByRole('button', { name: `${label}: ` });
  await expect(box.or(stated).first()).toBeVisible();
  if (!(await box.isVisible())) await stated.first().click();
  return box;
}

/** What a field says, wherever it is said. */
export async function expectSaid(page: Page, label: string, text: string) {
  // Where it is being typed on the drawing too, its own box is the later.
  const box = page.getByRole('textbox', { name: label, exact: true }).last();
  const stated = page.getByRole('button', { name: `${label}: ${text}` });
  await expect(box.or(stated).first()).toBeVisible();
  if (await box.isVisible()) await expect(box).toHaveValue(text);
}

/** How many requests of a page are on their way. */
const underWay = new WeakMap<Page, number>();

function watch(page: Page) {
  const by = (change: number) => () => underWay.set(page, (underWay.get(page) ?? 0) + change);
  page.on('request', by(1));
  page.on('requestfinished', by(-1));
  page.on('requestfailed', by(-1));
}

/** Waits until nothing is on its way any more, and what came is drawn. */
export async function settled(page: Page) {
  for (let still = 0; still < 2; still = underWay.get(page) ? 0 : still + 1)
    await page.evaluate(
      () => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done))),
    );
}

/** The rules of accessibility, put into each page as they are. */
const rules = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');

/** What on a page stands in somebody's way: by every rule, by all but those of colours, or by those of colours alone. */
export async function barriers(page: Page, colours: boolean | 'colours' = true): Promise<string[]> {
  await page.evaluate(rules);
  return page.evaluate(async (colours) => {
    const all = await (window as unknown as { axe: typeof axe }).axe.run({
      resultTypes: ['violations'],
      ...(colours === 'colours' ? { runOnly: ['color-contrast'] } : {}),
      ...(colours === false ? { rules: { 'color-contrast': { enabled: false } } } : {}),
    });
    return all.violations.map((v) => `${v.id}: ${v.nodes[0]?.html.slice(0, 160)}`);
  }, colours);
}

/** Nothing lies beyond the sides of the page. */
export async function expectNarrow(page: Page, where: string) {
  const { scroll, client } = await page.evaluate(() => ({
    scroll: document.documentElement.scrollWidth,
    client: document.documentElement.clientWidth,
  }));
  expect(scroll, where).toBeLessThanOrEqual(client);
}

/** Opens search by its key: a press while the page is still coming, or while the search before closes, is not heard. */
export async function openSearch(page: Page) {
  const search = page.getByRole('combobox', { name: 'Search for' });
  await expect(async () => {
    await page.keyboard.press('/');
    await expect(search).toBeVisible({ timeout: 500 });
  }).toPass();
  return search;
}

/** Waits until all is on disk. */
export async function kept(page: Page) {
  await expect(page.getByRole('main').getByRole('status').first()).toHaveText('✓ Saved');
}

export { expect };
