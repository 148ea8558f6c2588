import { beginWorking, expect, field, kept, openWorking, test } from './house';

test('a stranger to the machine finds her four stitches by their look', async ({ page }) => {
  await page.goto('/supplies/machine-stitch');
  const looks = page.getByRole('group', { name: 'What does it look like?' });
  for (const [look, name, number] of [
    ['leaf', 'leaf stem', '23'],
    ['wave', 'wave', '11'],
    ['bar', 'ladder', '38'],
    ['letters', 'PEAS in letters', 'A7'],
  ]) {
    await looks.getByRole('button', { name: look, exact: true }).click();
    const tile = page.getByRole('link', { name: new RegExp(`${number} ?${name}`) });
    await expect(tile).toBeVisible();
    await expect(tile.locator('svg')).toBeVisible();
    // Only what looks so is left.
    await expect(page.locator('.stitch-tile').first()).toBeVisible();
    expect(await page.locator('.stitch-tile').count()).toBeLessThan(6);
    await looks.getByRole('button', { name: look, exact: true }).click();
  }
});

test('a machine’s book is filled in minutes, and a picture drawn by keys is on its tile', async ({
  page,
}) => {
  await page.goto('/supplies/machine-stitch');
  await page.getByRole('button', { name: 'Add stitches' }).click();
  await page.getByLabel('On the machine').selectOption('grandmother’s straight stitch');
  await page.getByRole('checkbox', { name: /scallop/ }).check();
  await page.getByRole('checkbox', { name: /crosses/ }).check();
  await page.getByRole('button', { name: 'Add these 2' }).click();
  await page.getByLabel('On which machine').selectOption('grandmother’s straight stitch');
  await expect(page.locator('.stitch-tile')).toHaveCount(2);

  await page.getByRole('link', { name: /scallop/ }).click();
  await page.getByLabel('Number or key').fill('3b');
  const pad = page.getByRole('application');
  await pad.focus();
  for (const key of [
    'Enter',
    'ArrowRight',
    'ArrowRight',
    'ArrowUp',
    'ArrowUp',
    'Enter',
    'ArrowRight',
    'Enter',
  ])
    await page.keyboard.press(key);
  await expect(pad).toHaveAttribute('aria-label', /3 places/);
  await kept(page);
  await page.reload();
  await expect(page.getByRole('application')).toHaveAttribute('aria-label', /3 places/);
  await expect(page.getByLabel('Number or key')).toHaveValue('3b');
});

test('a slanted field from nothing: stitches by their look, rows on whole repeats, set, sewn and trimmed to size', async ({
  page,
}) => {
  test.setTimeout(150_000);
  await beginWorking(page, 'Middle of the runner', 'Rows of decorative stitches', 'Finished width');
  await (await field(page, 'Finished width')).fill('40 cm');
  await (await field(page, 'Finished height')).fill('60 cm');
  await page.keyboard.press('Tab');
  const cut = page.getByRole('region', { name: 'To cut' });
  await expect(cut).toContainText('Trim to');
  for (const name of ['leaf stem', 'wave']) {
    await page.getByRole('button', { name: /Take one from the book|One more/ }).click();
    const shelf = page.getByRole('group', { name: 'The stitch library' });
    await shelf
      .getByRole('button', { name: new RegExp(`\\d ?${name}`) })
      .first()
      .click();
  }
  await page.getByRole('textbox', { name: 'Row spacing' }).fill('14 mm');
  await expect(cut).toContainText('51, 14 mm apart');
  await expect(cut).toContainText('40 × 60 cm');
  await page.locator('.row-list summary').first().click();
  await expect(page.locator('.row-list').first()).toContainText('leaf stem');
  const wants = /Needle thread([\d.]+ m)/.exec((await cut.textContent())!)![1]!;

  // Work backwards: so many rows stand apart by so much, and one press takes it.
  await page.getByText('Work backwards', { exact: true }).first().click();
  await page.getByRole('textbox', { name: 'Number of rows wanted' }).fill('40');
  await expect(page.getByText('Spacing for that many rows:')).toBeVisible();
  await page.getByRole('textbox', { name: 'Number of rows wanted' }).fill('');
  await kept(page);

  await page.getByRole('link', { name: 'Machine settings', exact: true }).click();
  await expect(page.getByRole('heading', { name: /^rows of decorative stitches, on the/ })).toBeVisible();
  await page.getByRole('link', { name: 'Sew', exact: true }).click();
  await page.emulateMedia({ media: 'print' });
  const sheet = (await page.getByTestId('cut-sheet').innerText()).replace(/\s+/g, ' ');
  expect(sheet).toContain(wants);
  expect(sheet).toContain('40 × 60 cm');
  // Row by row, as the plan lists it: on paper too.
  expect(sheet).toContain('Length to set');
  await page.emulateMedia({ media: 'screen' });

  await page.getByRole('link', { name: 'Open step-by-step view' }).click();
  const title = page.getByRole('heading', { level: 1 });
  await expect(title).toHaveText('Cut it oversize');
  const seen: string[] = [];
  // Row by row within a step: each with what to set, where to begin and how many repeats.
  const rows: string[] = [];
  for (let i = 0; i < 90 && (await title.textContent()) !== 'Finished!'; i++) {
    const said = (await title.textContent())!.replace(/\d+ of \d+$/, '').trim();
    if (seen.at(-1) !== said) seen.push(said);
    if (said.startsWith('Sew to'))
      rows.push((await page.locator('section[data-stop]').innerText()).replace(/\s+/g, ' '));
    await page.keyboard.press('ArrowRight');
    await page.waitForTimeout(60);
  }
  expect(rows).toHaveLength(50);
  expect(rows[0]).toMatch(/row 27 .*Length 2\.\d mm\. Begin [\d.]+ mm from the outline .* \d+ repeats\./);
  expect(seen).toEqual([
    'Cut it oversize',
    'Lay the stabiliser under',
    'Draw the first row',
    'Choose the stitches',
    'Sew row 26 first',
    'Sew to one side',
    'Sew to the other side',
    'Press from the wrong side',
    'Trim to size',
  ]);
});

test('a scrap with several stitches is entered by number and Enter, and what it taught is in the book', async ({
  page,
}) => {
  await openWorking(page, 'Rows across the runner’s middle', 'Test swatch');
  await page.getByRole('button', { name: 'Record another swatch' }).first().click();
  const swatch = page.getByRole('listitem', { name: 'Swatch 4' });
  await swatch.getByRole('button', { name: 'Add a stitch' }).click();
  await swatch.getByRole('button', { name: /\d ?fern/ }).click();
  const line = swatch.getByRole('group', { name: 'Line 1: fern' });
  await line.getByLabel('Length of 10 repeats').fill('78');
  await line.getByLabel('Length of 10 repeats').press('Enter');
  await expect(line.getByLabel('Width', { exact: true })).toBeFocused();
  await page.keyboard.type('6.8');
  await page.keyboard.press('Enter');
  await expect(line).toContainText('One repeat is 7.8 mm, in the library 7.4 mm.');
  await expect(swatch).toContainText('5.4 % more than the book says');
  await kept(page);

  // The same once more with nothing under it: one tunnels, so the cloth wants the other.
  await line.getByRole('button', { name: 'Add again without stabiliser' }).click();
  const bare = swatch.getByRole('group', { name: 'Line 2: fern' });
  await bare.getByLabel('Length of 10 repeats').fill('74');
  await bare.getByLabel('Length of 10 repeats').press('Enter');
  await bare.getByLabel('Puckers into a tunnel').check();
  await expect(swatch).toContainText('this fabric wants tear-away');

  await line.getByRole('button', { name: 'Update the stitch library to 7.8 mm' }).click();
  await expect(line).toContainText('“fern” now says 7.8 mm.');
  await line.getByRole('button', { name: 'Save to the calibration of the window machine' }).click();
  await expect(line).toContainText('The window machine knows it.');
  await kept(page);
  await page.reload();
  await expect(
    page.getByRole('group', { name: 'Line 1: fern' }).getByLabel('Length of 10 repeats'),
  ).toHaveValue('78 mm');
  await page.goto('/supplies/machine-stitch');
  await page.getByRole('link', { name: /24 ?fern/ }).click();
  await expect(page.getByLabel('One repeat')).toHaveValue('7.8 mm');
});

test('a bridge says which stitches reach, and what its widest bites across', async ({ page }) => {
  await openWorking(page, 'Bridges along the runner', 'Plan');
  const cut = page.getByRole('region', { name: 'To cut' });
  await expect(cut).toContainText('feather, number 36, 6.5 mm wide');
  await page.getByRole('textbox', { name: 'Gap between the folds' }).fill('4 mm');
  await expect(page.getByText('There is no bar of 4 mm; the nearest is 3 mm.')).toBeVisible();
  await page.getByRole('textbox', { name: 'Gap between the folds' }).fill('6 mm');
  await expect(
    page.getByText(/A stitch of 8.5 mm is wanted, and foot and plate let through 6.5 mm/),
  ).toBeVisible();
  await expect(page.getByText('Widest gap your stitch can span:')).toBeVisible();
  await page.getByRole('button', { name: 'Use this' }).click();
  await expect(page.getByRole('textbox', { name: 'Gap between the folds' })).toHaveValue('4.1 mm');
  await page.getByRole('textbox', { name: 'Gap between the folds' }).fill('3 mm');
  await expect(cut).toContainText('Keep the gap withthe bar of 3 mm');
  await kept(page);
});

test('the count of a folded ribbon is led at the machine, six stitches and a fold', async ({ page }) => {
  await openWorking(page, 'Ribbon across the runner’s end', 'Sew');
  await page.getByRole('link', { name: 'Open step-by-step view' }).click();
  const title = page.getByRole('heading', { level: 1 });
  await expect(title).toHaveText('Measure the ribbon');
  for (let i = 0; i < 10 && !(await title.textContent())!.startsWith('Catch'); i++) {
    await page.keyboard.press('ArrowRight');
    await page.waitForTimeout(80);
  }
  await expect(title).toContainText('stop 1 of 34');
  for (let i = 0; i < 6; i++) await page.keyboard.press(' ');
  await expect(page.getByText('Stop', { exact: true })).toBeVisible();
  await expect(page.getByText('fold back to the left').first()).toBeVisible();
  await page.keyboard.press(' ');
  await expect(title).toContainText('stop 2 of 34');
  await expect(page.getByText('fold back to the right').first()).toBeVisible();
});

test('what was measured on the machine is said on the card and at the step, for a telephone too', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openWorking(page, 'Beetroot on the pocket', 'Machine settings');
  await expect(page.getByText(/set [\d.]+ mm: your machine then sews [\d.]+ mm/).first()).toBeVisible();
  await page.goto('/supplies/machine-stitch');
  await expect(page.locator('.stitch-tile').first()).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});
