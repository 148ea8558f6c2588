import { expect, kept, openWorking, test } from './house';

test('kneeler pads: the pad typed on its drawing, both ways to cut side by side, and a remnant that serves', async ({
  page,
}) => {
  await openWorking(page, 'Kneeler pads', 'Plan');
  const cut = page.getByRole('region', { name: 'To cut', exact: true });
  const ways = page.getByRole('region', { name: 'Strip-cutting methods' });
  await expect(cut).toContainText('square for the strip');
  await expect(cut).toContainText('middle of the right side');
  await expect(ways).toContainText('Not enough fabric for the other method.');

  // The pad is as wide as it says on the drawing, typed there by keyboard alone.
  const wide = page.getByRole('button', { name: /^Cushion pad width: / });
  await wide.focus();
  await page.keyboard.press('Enter');
  await page.keyboard.type('45 cm');
  await page.keyboard.press('Enter');
  await expect(cut).toContainText('47.4 × 30.4 cm');

  // What there is of the cloth forbids the other way, and it says so.
  const oneByOne = ways.getByRole('listitem').filter({ hasText: 'strips one by one' });
  await expect(oneByOne).toContainText('not enough');
  await expect(oneByOne.getByRole('button')).toBeDisabled();

  // A remnant of her own: the longest pieces first, as many as it takes.
  await page.getByText('From an offcut', { exact: true }).click();
  await page.getByRole('textbox', { name: 'Offcut width' }).fill('90 cm');
  await page.getByRole('textbox', { name: 'Offcut length' }).fill('70 cm');
  await expect(ways).toContainText('no fabric');
  await expect(cut).toContainText('piece of the strip');
  await expect(page.getByText(/^From the offcut: it gives \d/)).toBeVisible();
  await ways.getByRole('button', { name: 'Use this method: continuous bias strip' }).click();
  await expect(cut).toContainText('square for the strip');
  await expect(cut).toContainText('would cost less');
  await kept(page);

  // The least seen side is another: there it begins, on the drawing and in the step.
  await page.getByRole('textbox', { name: 'Side for the join' }).fill('2');
  await expect(cut).toContainText('middle of the right side');
  await page.getByRole('textbox', { name: 'Side for the join' }).fill('9');
  await expect(page.getByText('There are 4 sides.')).toBeVisible();
  await page.getByRole('textbox', { name: 'Side for the join' }).fill('2');
  await kept(page);
  await page.getByRole('link', { name: 'Sew', exact: true }).click();
  await page.getByText('Round the corners, mark the start', { exact: true }).click();
  await expect(page.getByText(/Mark the start in the middle of the right side/)).toBeVisible();
});

test('the wrapped strip: two figures, and the strip is wider, the needle a place nearer', async ({
  page,
}) => {
  await openWorking(page, 'Kneeler pads', 'Test swatch');
  await page.getByRole('button', { name: 'Record another swatch' }).click();
  const third = page.getByRole('listitem', { name: 'Swatch 3' });
  await third.getByLabel('Flange, wide').fill('10.8 mm; 10.9 mm');
  await third.getByLabel('Line 1').fill('1.2 mm');
  await third.getByLabel('Line 2').fill('0.7 mm');
  await third.getByLabel('Line 3').fill('0.65 mm');
  await third.getByLabel('Line 3').press('Enter');
  await expect(third).toContainText('the strip may be 2.3 mm wider');
  await expect(third).toContainText('one place nearer for the later line, which is 0.5 mm');
  await kept(page);
  await page.getByRole('link', { name: 'Plan', exact: true }).click();
  await expect(page.getByRole('region', { name: 'To cut', exact: true })).toContainText('Strip width41 mm');
});

test('a tea-tent cushion with trim, from its size to the closed cover, ply by ply at the machine', async ({
  page,
}) => {
  test.setTimeout(120_000);
  await openWorking(page, 'Tea-tent cushion', 'Plan');
  const cut = page.getByRole('region', { name: 'To cut', exact: true });
  await expect(cut).toContainText('45.4 × 45.4');
  await expect(cut).toContainText('3 and 3, down over');
  await page.getByRole('textbox', { name: 'Plies' }).fill('4');
  await expect(cut).toContainText('4 and 4, down over');
  await page.getByRole('radio', { name: 'piping foot' }).check();
  await expect(cut).toContainText('Stiff trim may leave no room');
  await page.getByRole('radio', { name: 'a zipper foot' }).check();
  await kept(page);

  await page.getByRole('link', { name: 'Sew', exact: true }).click();
  await expect(page.getByText('Lay strand 4 over', { exact: true })).toBeVisible();
  await expect(page.getByText('open the window')).not.toHaveCount(0);
  await page.getByRole('link', { name: 'Open step-by-step view' }).click();
  const title = page.getByRole('heading', { level: 1 });
  for (let i = 0; i < 30 && (await title.textContent()) !== 'Lay strand 2 over'; i++) {
    await page.keyboard.press('ArrowRight');
    await page.waitForTimeout(120);
  }
  await expect(title).toHaveText('Lay strand 2 over');
  // Its own ply is lit; those that come later are not drawn yet.
  const picture = page.locator('[data-picture="plies"]').filter({ visible: true });
  await expect(picture.locator('.lit').first()).toBeVisible();
  const shown = await picture.locator('path').count();
  await page.keyboard.press('ArrowRight');
  await expect(title).toHaveText('Lay strand 3 over');
  expect(await picture.locator('path').count()).toBeGreaterThan(shown);
});

test('a fine piping: strands that fill the groove are taken with one press', async ({ page }) => {
  await openWorking(page, 'Neckline of the smock', 'Plan');
  const turned = page.getByRole('region', { name: 'Work backwards' });
  await expect(turned).toContainText('Strands that fit this groove:');
  await turned.getByRole('button', { name: 'Use this' }).click();
  await expect(page.getByRole('textbox', { name: 'Strands' })).toHaveValue('9');
  await expect(page.getByRole('region', { name: 'To cut', exact: true })).toContainText('9 strands');
  await kept(page);
});
