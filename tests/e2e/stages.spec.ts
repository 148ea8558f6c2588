import { beginWorking, expect, kept, openWorking, test } from './house';

test('swatches: a fullness at once, the first change to try, one thing changed, delete and undo', async ({
  page,
}) => {
  await beginWorking(page, 'Swatches');
  await page.getByRole('textbox', { name: 'Finished length' }).fill('2.6 m');
  await kept(page);
  await page.getByRole('link', { name: 'Test swatch' }).click();
  await page.getByRole('button', { name: 'Record a swatch' }).click();
  const first = page.getByRole('listitem', { name: 'Swatch 1' });
  await first.getByLabel('Flat').fill('30 cm');
  await first.getByLabel('Gathered').fill('17,6; 17.7');
  await expect(first.getByText('1.70')).toBeVisible();
  await expect(first.getByText(/15 % less full than/)).toBeVisible();
  await first.getByRole('button', { name: 'not full enough' }).click();
  await expect(first.getByText('First change to try: Plan a quarter more fullness.')).toBeVisible();
  await first.getByRole('button', { name: 'Record a swatch with this change' }).click();
  const second = page.getByRole('listitem', { name: 'Swatch 2' });
  await expect(second.getByText('tries: Plan a quarter more fullness.')).toBeVisible();
  await expect(second.getByLabel('Flat')).toBeFocused();
  await second.getByLabel('Flat').fill('nothing');
  await second.getByLabel('Flat').press('Enter');
  await expect(second.getByText(/is not a number/)).toBeVisible();
  await page.reload();
  await expect(second.getByLabel('Flat')).toHaveValue('nothing');
  await second.getByRole('button', { name: 'Delete swatch 2' }).click();
  await expect(second).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(second).toBeVisible();
  await expect(first.getByLabel('Gathered')).toHaveValue('17.6 cm; 17.7 cm');
});

test('a plan that changes after cutting shows what that means for what was cut', async ({ page }) => {
  await openWorking(page, 'Frill round the tea table', 'Plan');
  await page.getByRole('textbox', { name: 'Fullness', exact: true }).fill('2.4');
  await kept(page);
  await page.getByRole('link', { name: 'Cut', exact: true }).click();
  const since = page.getByRole('region', { name: 'Changed since it was cut' });
  await expect(since.getByRole('row', { name: /Fullness 2 2.4/ })).toBeVisible();
  await expect(since).toContainText('Cut one more strip');
  await expect(page.getByRole('row')).toHaveCount(1 + 32 + 1 + (await since.getByRole('row').count()));
});

test('half way: what a pulled part measures decides what to do', async ({ page }) => {
  await openWorking(page, 'Valance over the seedling stall', 'Sew');
  await page.getByText('Pull up half, and measure').click();
  const half = page.getByLabel(/What does a pulled part measure/);
  await half.fill('17.5 cm; 17.3 cm');
  await expect(page.getByText(/Each part is 11.5 mm too long/)).toBeVisible();
  await expect(page.getByText(/Pull each part 11.5 mm shorter/)).toBeVisible();
  await half.fill('16.3 cm');
  await expect(page.getByText(/On course/)).toBeVisible();
  await kept(page);
  await page.reload();
  await page.getByText('Pull up half, and measure').click();
  await expect(half).toHaveValue('16.3 cm');
});

test('at the machine on a telephone: a tap for the next step, ticks that stay', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openWorking(page, 'Frill round the tea table', 'Sew');
  await page.getByRole('link', { name: 'Open step-by-step view' }).click();
  const title = page.getByRole('heading', { level: 1 });
  await expect(title).toHaveText('Mark both edges into sections');
  expect(await title.evaluate((e) => parseFloat(getComputedStyle(e).fontSize))).toBeGreaterThanOrEqual(32);
  for (const box of await page.getByRole('checkbox').all()) await box.check();
  await page.getByRole('button', { name: /^Next/ }).click();
  await expect(title).toHaveText('Set the machine');
  await page.getByRole('button', { name: 'Previous' }).click();
  for (const box of await page.getByRole('checkbox').all()) await expect(box).toBeChecked();
});
