import type { Page } from '@playwright/test';
import { beginWorking, expect, expectSaid, field, kept, openWorking, test } from './house';

/** A scrap that was sewn and measured. */
async function addScrap(page: Page, number: number, tucked: string) {
  await page
    .getByRole('button', { name: number === 1 ? 'Record a swatch' : 'Record another swatch' })
    .click();
  const swatch = page.getByRole('listitem', { name: `Swatch ${number}` });
  await swatch.getByLabel('Flat', { exact: true }).fill('10 cm');
  await swatch.getByLabel('Tucked', { exact: true }).fill(tucked);
  await swatch.getByLabel('Tucked', { exact: true }).press('Enter');
  await expect(swatch.locator('.fig').nth(1)).toHaveText(/mm$/);
}

test('a bib from its first figure to the last ridge: learnt from scraps, cut, measured and re-spaced', async ({
  page,
}) => {
  await beginWorking(page, 'A bib', 'Pintucks and folded tucks', 'Finished width');
  await (await field(page, 'Finished width')).fill('20 cm');
  const toCut = page.getByRole('region', { name: 'To cut' });
  await expect(toCut).toContainText('Fabric used per tuck');
  await kept(page);

  // Two scraps narrow what each tuck is likely to take up.
  await page.getByRole('link', { name: 'Test swatch', exact: true }).click();
  const likely = page.getByText(/9 times out of 10 between/).first();
  await expect(likely).toBeVisible();
  const widthOf = async () => {
    const [, low, high] = /(\d\.\d\d) and (\d\.\d\d)/.exec((await likely.textContent())!)!;
    return Number(high) - Number(low);
  };
  const before = await widthOf();
  await addScrap(page, 1, '92.5 mm');
  await addScrap(page, 2, '92.7 mm; 92.5 mm');
  await expect.poll(widthOf).toBeLessThan(before);
  await kept(page);

  // What is cut, the guide and the step say the same.
  await page.getByRole('link', { name: 'Cut', exact: true }).click();
  // The stage has to stand first: until then the figures are still those of the one before.
  await expect(page.getByRole('img', { name: /lines that are marked/ })).toBeVisible();
  const size = (await toCut.locator('.fig').nth(1).textContent())!.replace(/\s*×\s*/, ' × ');
  const guide = page.waitForEvent('download');
  await page.getByRole('button', { name: 'PDF, A4' }).click();
  expect((await guide).suggestedFilename()).toMatch(/\.pdf$/);
  await page.getByRole('button', { name: 'Lock the cutting list', exact: true }).click();
  await expect(page.getByText(/Locked on /)).toBeVisible();
  await page.getByRole('link', { name: 'Continue to Sew' }).click();
  const [wide] = size.split(' × ');
  await expect(page.getByRole('listitem').filter({ hasText: 'Cut the panel' }).first()).toContainText(
    `${wide} ×`,
  );

  // Half way: five tucks that came out narrow; the rest goes further apart, on the screen and in the next step.
  const measure = page.getByRole('listitem').filter({ hasText: 'Measure and adjust the spacing' });
  await measure.locator('summary').click();
  await measure.getByLabel('From the first ridge to the last, what is it?').fill('23 mm');
  await expect(measure.getByText(/each takes up/)).toBeVisible();
  await expect(measure.getByText(/mark the other 10/)).toBeVisible();
  const next = page.getByRole('listitem').filter({ hasText: 'Tucks 6 to 10' });
  await next.locator('summary').click();
  await expect(
    next.getByText(/from the last ridge on the right at .*mm, from the last on the left at/),
  ).toBeVisible();
  await kept(page);
  await page.reload();
  await expect(page.getByLabel('From the first ridge to the last, what is it?').first()).toHaveValue('23 mm');
});

test('the finished bib teaches with as many tucks as it has, and what is marked turned round is one press away', async ({
  page,
}) => {
  await openWorking(page, 'Tucked bib', 'Finish');
  const piece = page.getByRole('region', { name: 'The piece itself' });
  await piece.getByLabel('Flat').fill('21.4 cm');
  await piece.getByLabel('Tucked').fill('20 cm');
  await piece.getByRole('button', { name: 'Save it' }).click();
  await expect(piece.getByText(/the next prediction knows it/)).toBeVisible();
  const [, id] = /parts\/([^/]+)/.exec(page.url())!;
  const swatches = (await (await page.request.get(`/api/workings/${id}/swatches`)).json()) as {
    note: string;
    features: Record<string, number>;
  }[];
  expect(swatches.at(-1)!.features).toMatchObject({ tucksSewn: 15, needleSpacing: 2, tensionSteps: 1 });
  await page.getByRole('button', { name: /^Undo/ }).click();

  await page.getByRole('link', { name: 'Plan', exact: true }).click();
  await page.locator('summary').filter({ hasText: 'Work backwards' }).click();
  await page.getByRole('textbox', { name: 'Margin at each side' }).fill('4 cm');
  const allows = page.getByRole('region', { name: 'Work backwards' });
  const told = allows.locator('p').filter({ hasText: 'with that margin' });
  await expect(told).toContainText('8.57 mm');
  await told.getByRole('button', { name: 'Use this' }).click();
  await expect(page.getByRole('region', { name: 'To cut' })).toContainText('First tuck at40 mm');
  await page.getByRole('button', { name: /^Undo/ }).click();
  await kept(page);
});

test('typed on the drawing by touch and by key: what cannot be is said there, and the figures stay in sight', async ({
  page,
}) => {
  await openWorking(page, 'Tucked bib', 'Plan');
  await expect(page.getByRole('textbox', { name: 'Finished width' })).toHaveCount(1);
  const toCut = page.getByRole('region', { name: 'To cut' });
  const cut = async () => (await toCut.locator('.fig').nth(1).textContent())!;
  const before = await cut();
  const stated = page.getByRole('button', { name: 'Finished width: 20 cm' });
  await stated.focus();
  // A digit begins at once, in place of what stood there.
  await page.keyboard.type('21 c');
  await expect(page.getByText(/is no unit|unit/).first()).toBeVisible();
  await page.keyboard.type('m');
  await page.keyboard.press('Enter');
  await expectSaid(page, 'Finished width', '21 cm');
  await expect.poll(async () => parseFloat(await cut())).toBeGreaterThan(parseFloat(before));

  // One that is left half-typed stays as it is, and says why.
  await (await field(page, 'Finished length')).fill('24 c');
  await page.keyboard.press('Enter');
  await expect(page.locator('.asked .wrong')).toContainText('unit');
  await (await field(page, 'Finished length')).fill('24 cm');
  await page.keyboard.press('Enter');
  await expect(page.locator('.asked .wrong')).toHaveCount(0);
  await (await field(page, 'Finished length')).blur();

  // On a telephone what is cut stands at the foot while something is typed, and until the answer itself is on the screen.
  await page.setViewportSize({ width: 390, height: 844 });
  const foot = page.locator('.in-sight');
  const answer = page.getByRole('region', { name: 'To cut' });
  await answer.scrollIntoViewIfNeeded();
  await page.mouse.wheel(0, 300);
  await expect(foot).toBeHidden();
  await (await field(page, 'Finished width')).fill('20 cm');
  await expect(foot).toBeVisible();
  await expect(foot).toContainText(before);
  await page.keyboard.press('Enter');
  await kept(page);
});

test('with the keys alone: a figure on the drawing, the stage after, the measure half way', async ({
  page,
}) => {
  await openWorking(page, 'Tucked bib', 'Plan');
  const stated = page.getByRole('button', { name: /^Finished length: / });
  await expect(stated).toBeVisible();
  await page.locator('main').focus();
  for (let i = 0; i < 40 && !(await stated.evaluate((e) => e === document.activeElement)); i++)
    await page.keyboard.press('Tab');
  await expect(stated).toBeFocused();
  await page.keyboard.press('Enter');
  await page.keyboard.type('26 cm');
  await page.keyboard.press('ArrowUp');
  await expectSaid(page, 'Finished length', '26.05 cm');
  await page.keyboard.press('Escape');
  await page.locator('main').focus();
  await page.keyboard.press('5');
  const measure = page.getByLabel('From the first ridge to the last, what is it?').last();
  const step = page.getByRole('listitem').filter({ hasText: 'Measure once more' });
  await step.locator('summary').focus();
  await page.keyboard.press('Enter');
  await expect(measure).toBeVisible();
  for (let i = 0; i < 30 && !(await measure.evaluate((e) => e === document.activeElement)); i++)
    await page.keyboard.press('Tab');
  await expect(measure).toBeFocused();
  await page.keyboard.type('48 mm');
  // Its grooves lead it: a span that is off is said, and no line is marked anew.
  await expect(step.getByText(/left its groove/)).toBeVisible();
  await expect(page.getByRole('listitem').filter({ hasText: 'Tucks 11 to 15' })).toContainText(
    'sew the next along it',
  );
  await kept(page);
  for (let i = 0; i < 2; i++) await page.getByRole('button', { name: /^Undo/ }).click();
});

test.describe('by touch', () => {
  test.use({ hasTouch: true, viewport: { width: 390, height: 844 } });
  test('a figure is tapped where it stands, typed, and what is cut follows at the foot', async ({ page }) => {
    await openWorking(page, 'Tucked bib', 'Plan');
    const toCut = page.getByRole('region', { name: 'To cut' });
    // What other bibs taught in this workroom is in the figure, so it is held against itself: the panel grows by 10 cm.
    const before = parseFloat((await toCut.locator('.fig').nth(1).textContent())!);
    expect(before).toBeGreaterThan(20);
    await page.getByRole('button', { name: /^Finished width: / }).tap();
    const entry = page.locator('.on-drawing').getByRole('textbox', { name: 'Finished width', exact: true });
    await expect(entry).toBeFocused();
    await entry.fill('30 cm');
    await expect(page.locator('.in-sight')).toContainText(`${before + 10} × `);
    // A tap elsewhere ends it, and nothing of it is lost.
    await page.getByRole('heading', { level: 1 }).or(page.locator('h2').first()).first().tap();
    await expect(entry).toHaveCount(0);
    await expectSaid(page, 'Finished width', '30 cm');
    await kept(page);
    await page.getByRole('button', { name: /^Undo/ }).tap();
    await expectSaid(page, 'Finished width', '20 cm');
  });
});

test('groups are typed as they are said, and the reckoner is chosen by its look with the keys alone', async ({
  page,
}) => {
  await page.goto('/calculator');
  const chooser = page.getByRole('button', { name: /Pulled threads|Tucks|Gather/ }).first();
  await chooser.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('menuitem').first()).toBeFocused();
  await page.keyboard.type('Tu');
  await expect(page.getByRole('menuitem', { name: 'Tucks' })).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/calculator\/pintucks/);

  await (await field(page, 'Finished width')).fill('24 cm');
  const toCut = page.getByRole('region', { name: 'To cut' });
  await expect(toCut).toContainText('Fabric used per tuck');
  await page.locator('summary').filter({ hasText: 'Tucks per group' }).click();
  await page.getByRole('textbox', { name: 'Number of tucks', exact: true }).fill('');
  await page.getByRole('textbox', { name: 'Tucks per group', exact: true }).fill('3 + 5 + 3');
  await page.getByRole('textbox', { name: 'Space between groups' }).fill('18 mm');
  await expect(page.getByRole('group', { name: /11 tucks in groups of 3, 5, 3/ })).toBeVisible();
  await page.getByRole('textbox', { name: 'Tucks per group', exact: true }).fill('3 + x');
  await expect(page.getByText(/must be whole numbers/)).toBeVisible();
});
