import { expect, expectSaid, kept, openHouse, openSearch, openWorking, scrolledTo, test } from './house';

test('keys: stages, neighbours, units, help, find, undo and redo', async ({ page }) => {
  await openWorking(page, 'Valance over the seedling stall');
  await page.keyboard.press('1');
  await expect(page.getByRole('region', { name: 'To cut' }).getByText('117 × 31.5')).toBeVisible();
  await page.keyboard.press('u');
  await expect(
    page.getByRole('region', { name: 'To cut' }).getByText('46¼ × 12½', { exact: true }),
  ).toBeVisible();
  await page.keyboard.press('u');
  await expect(page.getByRole('region', { name: 'To cut' }).getByText('117 × 31.5')).toBeVisible();
  await page.keyboard.press(']');
  await expect(page.getByLabel('Name of this part')).toHaveValue('Frill round the tea table');
  await page.keyboard.press('[');
  await expect(page.getByLabel('Name of this part')).toHaveValue('Valance over the seedling stall');
  await page.keyboard.press('?');
  await expect(
    page.getByRole('dialog', { name: 'Help' }).getByRole('tab', { name: 'Keyboard shortcuts' }),
  ).toBeVisible();
  await page.keyboard.press('Escape');

  await page.keyboard.press('1');
  await page.getByRole('radio', { name: 'closed loop' }).check();
  await kept(page);
  await page.locator('main').focus();
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('radio', { name: 'two ends' })).toBeChecked();
  await page.keyboard.press('Control+Shift+z');
  await expect(page.getByRole('radio', { name: 'closed loop' })).toBeChecked();
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('radio', { name: 'two ends' })).toBeChecked();

  await page.keyboard.press('/');
  await page.keyboard.type('marigold');
  // The working in that cloth comes before the cloth itself.
  await expect(page.getByRole('option')).toHaveCount(4);
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Name of this part')).toHaveValue('Lower tier of the skirt');
});

test('deleting offers an undo, not a question', async ({ page }) => {
  await page.goto('/');
  const remove = page.getByRole('button', { name: 'Delete Potting shed' });
  await scrolledTo(page, remove);
  await remove.click();
  await expect(page.getByRole('region', { name: 'Potting shed' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.getByRole('region', { name: 'Potting shed' })).toContainText('2.61 on an edge of 94 cm');
});

test('of many projects the bench draws what is looked at, paper all of them, and find leads to any', async ({
  browser,
}) => {
  const house = await openHouse('--empty');
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  for (let i = 1; i <= 70; i++) {
    const id = `01a2137e-0000-7000-8000-${`${i}`.padStart(12, '0')}`;
    await page.request.post(`${house.address}/api/projects`, { data: { id, name: `Banner ${i}` } });
  }
  const sheets = page.getByRole('region', { name: /^Banner/ });
  await page.goto(house.address);
  await expect(page.getByRole('region', { name: 'Banner 70' })).toBeVisible();
  expect(await sheets.count()).toBeLessThan(30);
  await scrolledTo(page, page.getByRole('region', { name: 'Banner 45', exact: true }));

  await page.reload();
  // Before the page listens there are no keys.
  await expect(page.getByRole('region', { name: 'Banner 70' })).toBeVisible();
  await page.keyboard.press('/');
  await page.keyboard.type('Banner 3');
  await page.getByRole('option', { name: /^Banner 3(?!\d)/ }).click();
  await expect(page.getByRole('region', { name: 'Banner 3', exact: true })).toBeInViewport();

  await page.goto(`${house.address}/workroom`);
  await page.goto(house.address);
  await page.waitForResponse((r) => r.url().includes('/api/bench?cursor'));
  await expect
    .poll(async () => {
      await page.evaluate(() => dispatchEvent(new Event('beforeprint')));
      return sheets.count();
    })
    .toBe(70);
  house.stop();
});

test('the reckoner saves nothing: its address holds the figures', async ({ page, context }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/calculator');
  await page.getByRole('textbox', { name: 'Finished length' }).fill('102 3/8 in');
  await page.getByRole('radio', { name: 'closed loop' }).check();
  await expect(page.getByRole('region', { name: 'To cut' })).toContainText('strips, each');
  const friend = await context.newPage();
  await friend.goto(page.url());
  await expectSaid(friend, 'Finished length', '102 3/8 in');
  await expect(friend.getByRole('radio', { name: 'closed loop' })).toBeChecked();
  await expect(friend.getByRole('region', { name: 'To cut' })).toHaveText(
    (await page.getByRole('region', { name: 'To cut' }).textContent())!,
  );
});

test('the workroom: steps, units and a lamp-lit appearance that stays', async ({ page }) => {
  await page.goto('/settings');
  await page.getByLabel('10 mm').click();
  await expect(page.getByLabel('10 mm')).toBeChecked();
  await kept(page);
  await openWorking(page, 'Valance over the seedling stall', 'Plan');
  await expect(page.getByText('117 × 32', { exact: true })).toBeVisible();
  await page.goto('/settings');
  await page.getByLabel('5 mm', { exact: true }).click();
  await expect(page.getByLabel('5 mm', { exact: true })).toBeChecked();
  await page.getByLabel('dark', { exact: true }).check();
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark');
  await page.reload();
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark');
});

test('the page asks for its fonts and the scripts of its view at once', async ({ page, request }) => {
  for (const path of ['/', '/parts/any/plan', '/swatches', '/supplies', '/calculator', '/settings']) {
    const html = await (await request.get(path)).text();
    const named = [...html.matchAll(/(?:href|src)="(\/assets\/[^"]+)"/g)].map((m) => m[1]!);
    for (const one of named) expect((await request.get(one)).status(), one).toBe(200);
    expect(named.filter((name) => name.endsWith('.woff2'))).toHaveLength(2);
  }
  // What the view loads before it stands is named in its page.
  const html = await (await request.get('/swatches')).text();
  const asked: string[] = [];
  page.on('request', (r) => asked.push(new URL(r.url()).pathname));
  await page.goto('/swatches');
  await expect(page.getByRole('region', { name: 'Swatches' })).toBeVisible();
  const view = asked.filter((path) => /SwatchBook.*\.js$/.test(path));
  expect(view).toHaveLength(1);
  expect(html).toContain(view[0]);
});

test('letters typed before the find dialog has come are in it', async ({ page }) => {
  let letThrough = () => {};
  const held = new Promise<void>((go) => (letThrough = go));
  await page.route(/FindDialog.*\.js/, async (route) => {
    await held;
    await route.continue();
  });
  await page.goto('/settings');
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await page.keyboard.press('/');
  await page.keyboard.type('marigold');
  letThrough();
  await expect(page.getByRole('combobox', { name: 'Search for' })).toHaveValue('marigold');
  await expect(page.getByRole('option')).toHaveCount(4);
});

test('search leads to screens, settings, methods, supplies and words, by what they are called elsewhere too', async ({
  page,
}) => {
  await page.goto('/');
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  const search = page.getByRole('combobox', { name: 'Search for' });
  const options = page.getByRole('option');
  for (const [said, title] of [
    ['serger', /overlocker/i],
    ['faggoting', /open seam/i],
    ['mend', /darning/i],
    ['ruffler', /pleated ruffle/i],
    ['backup', /export and import/i],
    ['zipper', /piping/i],
    ['material', /fabrics/i],
    ['twin', /pintucks/i],
    ['inches', /units/i],
    ['which foot', /compatibility/i],
  ] as const) {
    await openSearch(page);
    await search.fill(said);
    await expect(options.filter({ hasText: title }).first(), said).toBeVisible();
    await page.keyboard.press('Escape');
    await expect(search).toHaveCount(0);
  }
  await openSearch(page);
  await search.fill('compare the');
  await expect(options.first()).toContainText('Compare the methods');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/which-way$/);
  await openSearch(page);
  await search.fill('seam allowance');
  await options.filter({ hasText: 'explained' }).first().click();
  await expect(page.getByRole('dialog')).toContainText('seam allowance');
});
