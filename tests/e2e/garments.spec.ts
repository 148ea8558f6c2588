import type { Page } from '@playwright/test';
import { randomUUID } from 'node:crypto';
import { expect, field, kept, scrolledTo, test } from './house';

/** Five garments from the plan to the paper, each with figures that were reckoned by hand. */

type Working = { id: string; version: number };

/** An id as the client makes them: of version 7. */
const newId = () => randomUUID().replace(/^(.{14})4/, '$17');

async function project(page: Page, name: string) {
  const id = newId();
  await page.request.post('/api/projects', { data: { id, name } });
  return id;
}

async function working(page: Page, projectId: string, technique: string, name: string, ask: object) {
  const id = newId();
  const made = await page.request.post('/api/workings', { data: { id, projectId, technique, name, ask } });
  expect(made.status(), await made.text()).toBe(201);
  return ((await made.json()) as Working).id;
}

const toCut = (page: Page) => page.getByRole('region', { name: 'To cut' });

/** All that stands on the printed sheet of a working, read as text. */
async function paper(page: Page, id: string, stage = 'cut') {
  await page.goto(`/parts/${id}/${stage}`);
  await expect(page.getByRole('button', { name: /^Print/ })).toBeVisible();
  await page.emulateMedia({ media: 'print' });
  const sheet = page.getByTestId('cut-sheet');
  await expect(sheet).toBeVisible();
  // Every step has its picture on paper too.
  await expect(sheet.locator('ol > li figure svg').first()).toBeVisible();
  const text = (await sheet.innerText()).replace(/\s+/g, ' ');
  const smallest = await sheet.evaluate((node) =>
    Math.min(
      ...[...node.querySelectorAll('p, li, dd, dt, td')]
        .filter((e) => !e.closest('figure'))
        .map((e) => parseFloat(getComputedStyle(e).fontSize)),
    ),
  );
  // 11 pt and more.
  expect(smallest).toBeGreaterThanOrEqual((11 * 96) / 72);
  await page.emulateMedia({ media: 'screen' });
  return text;
}

async function units(page: Page, to: 'metric' | 'imperial') {
  const room = (await (await page.request.get('/api/workroom')).json()) as { version: number };
  await page.request.patch('/api/workroom', {
    headers: { 'If-Match': `"${room.version}"` },
    data: { units: to },
  });
}

test.afterEach(async ({ page }) => units(page, 'metric'));

const tier = {
  finishedEdge: '1 m',
  fullness: 1.5,
  closed: true,
  finishedDepth: '20 cm',
  seamAllowance: '15 mm',
  hemAllowance: '3 cm',
  doubled: false,
  joinAllowance: '15 mm',
  endAllowance: '15 mm',
  clothWidth: '140 cm',
  cut: 'across',
  rows: 'two-straddling',
  rowGap: '6 mm',
  stitchLength: '4.5 mm',
  clothThickness: '0.3 mm',
  plainThickness: '0.5 mm',
  tail: '10 cm',
};

test('a skirt of three tiers: each takes its edge from the one above, and a change runs through', async ({
  page,
}) => {
  const skirt = await project(page, 'Twirling skirt');
  const [top, middle, lower] = [
    await working(page, skirt, 'pulled-gathers', 'Top tier', tier),
    await working(page, skirt, 'pulled-gathers', 'Middle tier', { ...tier, finishedEdge: '50 cm' }),
    await working(page, skirt, 'pulled-gathers', 'Lower tier', { ...tier, finishedEdge: '50 cm' }),
  ];
  for (const [from, to, edge] of [
    [middle, 'Top tier', '150 cm'],
    [lower, 'Middle tier', '2.25 m'],
  ] as const) {
    await page.goto(`/parts/${from}/plan`);
    await page
      .getByLabel('Finished length from another part')
      .selectOption({ label: `${to}: lower edge, ${edge}` });
    await expect(page.getByText(`Finished length: ${edge}, the lower edge of ${to}`)).toBeVisible();
    await kept(page);
  }
  // 1 m × 1.5 in two strips of 78 cm; 1.5 m × 1.5 in two of 115.5; 2.25 m × 1.5 in three of 115.5, less a join of 15 mm at each end.
  await expect(toCut(page)).toContainText('115.5 × 24.5');
  await expect(toCut(page).getByText(/^\d+$/).first()).toHaveText('3');
  await page.goto('/');
  const sheet = page.getByRole('region', { name: 'Twirling skirt' });
  await scrolledTo(page, sheet);
  await expect(sheet.getByText('sewn to “Top tier”')).toBeVisible();
  await expect(sheet.getByText('sewn to “Middle tier”')).toBeVisible();

  // The two upper tiers carry the next: 20 cm, a seam above and one below. The last is hemmed.
  expect(await paper(page, top)).toContain('78 × 23 cm');
  const ofMiddle = await paper(page, middle);
  expect(ofMiddle).toContain('115.5 × 23 cm');
  expect(ofMiddle).toContain('the lower edge of “Top tier”');
  expect(ofMiddle).toContain('“Lower tier” is sewn to it');
  expect(ofMiddle).not.toContain('Hem the lower edge');
  expect(await paper(page, lower)).toContain('Hem the lower edge');

  // 1.2 m above makes 1.8, 2.7 and 4.05 m: three strips of 138 cm.
  await page.goto(`/parts/${top}/plan`);
  await (await field(page, 'Finished length')).fill('1.2 m');
  await kept(page);
  await page.goto(`/parts/${lower}/plan`);
  await expect(page.getByText('Finished length: 2.7 m, the lower edge of Middle tier')).toBeVisible();
  await expect(toCut(page)).toContainText('138 × 24.5');
  // In the whole project: 4 strips of 23 cm and 3 of 24.5 are 165.5 cm.
  await page.goto('/');
  await sheet.getByText('Materials for the whole project').click();
  await expect(sheet.getByRole('table', { name: /Twirling skirt/ })).toContainText('165.5 cm');
});

test('two sleeve heads: 28.5 cm into 24 cm is understood as typed, and nothing is cut for them', async ({
  page,
}) => {
  const smock = await project(page, 'Smock with sleeves');
  const id = await working(page, smock, 'ease', 'Sleeve heads', {
    seamAllowance: '15 mm',
    clothWeight: 98,
    count: 2,
  });
  await page.goto(`/parts/${id}/plan`);
  await page.getByRole('textbox', { name: 'The longer edge' }).fill('28.5 cm into 24 cm');
  const told = page.getByRole('region', { name: 'Results' });
  // 28.5 less 24 is 45 mm, and 28.5 by 24 is 1.19.
  await expect(told).toContainText('45 mm');
  await expect(told).toContainText('1.19');
  await kept(page);
  await expect(
    page.getByRole('navigation', { name: /stages/i }).getByRole('link', { name: 'Cut' }),
  ).toHaveCount(0);
  const sheet = await paper(page, id, 'sew');
  expect(sheet).toContain('start and stop at the notches');
  // Quarters: 71.25 of the longer edge, 60 of the shorter.
  expect(sheet).toContain('a mark every 71.5 mm on the longer edge');
  expect(sheet).toContain('every 60 mm on the plain edge');
  expect(sheet).toContain('The other one');
  expect(sheet).not.toContain('Cut strips ');
  await units(page, 'imperial');
  // 45 mm are 1.772 inches: 1 3/4 and a hair.
  const inches = await paper(page, id, 'sew');
  expect(inches).toContain('1¾ in');
  expect(inches).toContain('every 2⅜ in on the plain edge');
});

test('a valance of ten metres that is sewn over twice: each pass has its check, and the card says the passes', async ({
  page,
}) => {
  const stall = await project(page, 'Long awning');
  const id = await working(page, stall, 'gathering-foot', 'Ten metres', {
    finishedEdge: '10 m',
    finishedDepth: '25 cm',
    stitchLength: '4 mm',
    tensionSteps: 1,
    passes: 2,
    clothWeight: 140,
  });
  await page.goto(`/parts/${id}/set-up`);
  await expect(page.getByRole('region', { name: 'Machine settings' })).toContainText('2, over the same line');
  await page.goto(`/parts/${id}/sew`);
  const steps = page.locator('ol > li.sheet summary');
  await expect(steps.first()).toBeVisible();
  const titles = await steps.allInnerTexts();
  const at = (title: RegExp) => titles.findIndex((t) => title.test(t));
  expect(at(/The first pass/)).toBeGreaterThan(0);
  expect(at(/Pass 2 to the first mark, and measure/)).toBe(at(/The first pass/) + 1);
  const sheet = await paper(page, id);
  // A third of ten metres is 3.33 m, and has to be at least that.
  expect(sheet).toContain('and 3.3335 m at the least.');
  expect(sheet).toContain('pass 1 of 2');
  expect(sheet).not.toContain('at the most');
});

test('two cuffs on the overlocker: every total is for both, every mark is for one', async ({ page }) => {
  const shirt = await project(page, 'Shed shirt');
  const id = await working(page, shirt, 'overlock-gathers', 'Cuffs', {
    finishedEdge: '22 cm',
    closed: true,
    finishedDepth: '6 cm',
    stitchLength: '4 mm',
    differential: 2,
    clothWeight: 120,
  });
  await page.goto(`/parts/${id}/plan`);
  await expect(toCut(page)).toBeVisible();
  const one = await toCut(page).innerText();
  await page.getByText('Quantity').click();
  await page.getByRole('textbox', { name: 'How many the same' }).fill('2');
  await expect(toCut(page).getByText(/^2$/).first()).toBeVisible();
  await kept(page);
  // One strip of the same length for each: only their number is another.
  const both = await toCut(page).innerText();
  expect(both).toContain(one.match(/[\d.]+( [a-z]+)? × [\d.]+/)![0]);
  const sheet = await paper(page, id);
  expect(sheet).toContain('2 strips, each');
  expect(sheet).toContain('The other one');
  // Nothing of it is sewn with a bobbin.
  await page.goto(`/parts/${id}/set-up`);
  await expect(page.getByRole('region', { name: 'Machine settings' })).toContainText('Looper threads');
});

test('a shirred bodice: one width in heading, step and paper, with the assurance that was asked for', async ({
  page,
}) => {
  const smock = await project(page, 'Shirred bodice');
  const id = await working(page, smock, 'shirring', 'Close', {
    relaxedWidth: '30 cm',
    fullness: 2,
    panelHeight: '14 cm',
    topMargin: '15 mm',
    bottomMargin: '15 mm',
    rowGap: '8 mm',
    seamAllowance: '12 mm',
    layout: 'pivot',
    bobbinCapacity: '3 m',
    tail: '12 cm',
    stitchLength: '4 mm',
    clothThickness: '0.25 mm',
    clothWeight: 98,
    elasticDiameter: '0.6 mm',
  });
  for (const to of ['metric', 'imperial'] as const) {
    await units(page, to);
    await page.goto(`/parts/${id}/cut`);
    await expect(toCut(page)).toBeVisible();
    const width = (await toCut(page).innerText()).match(/([\d.½¼¾⅛⅜⅝⅞ /]+) ×/)![1]!.trim();
    const sheet = await paper(page, id);
    expect(sheet).toContain(`${width} ×`);
    expect(sheet).toMatch(new RegExp(`Cut ${width.replace('.', '\\.')} (cm|in) wide`));
    expect(sheet).not.toContain('Not too tight: cut');
    await page.goto(`/parts/${id}/plan`);
    await expect(toCut(page)).toContainText(`${width} ×`);
  }
  await units(page, 'metric');
  // 14 cm less two margins of 15 mm, by 8 mm: 14 rows, the last 12.5 cm below the upper edge.
  const sheet = await paper(page, id);
  expect(sheet).toContain('Rows 14');
  expect(sheet).toContain('13.7 cm, stretched flat');
});
