import { beginWorking, expect, field, kept, openWorking, test } from './house';

test('a meander from nothing to Keep by keyboard: the field typed, the stitches open with the hands, a line counted, sewn, kept', async ({
  page,
}) => {
  test.setTimeout(150_000);
  await beginWorking(page, 'Cushion for the shed', 'Free-motion stitching', 'Area width');
  await (await field(page, 'Area width')).fill('30 cm');
  await (await field(page, 'Area height')).fill('20 cm');
  await page.keyboard.press('Tab');
  const take = page.getByRole('region', { name: 'Results' });
  await expect(take).toContainText('30 × 20 cm');
  const stitches = async () => Number(/(\d+), each/.exec((await take.textContent())!)![1]);
  await expect(take).toContainText('each 2 mm');
  const before = await stitches();

  // Hands that are twice as quick make half the stitches, each twice as long: on the drawing and in every figure.
  await page.getByRole('textbox', { name: /^Hand speed/ }).fill('40');
  await expect(take).toContainText('each 4 mm');
  expect(Math.abs((await stitches()) * 2 - before)).toBeLessThanOrEqual(1);
  await page.getByRole('textbox', { name: /^Hand speed/ }).fill('60');
  await expect(page.getByText('Stitches of 6 mm bend the needle.')).toBeVisible();
  // Of the three only two can be said.
  await page.getByRole('textbox', { name: 'Stitch length', exact: true }).fill('2 mm');
  await expect(page.getByText(/Say two of the three/)).toBeVisible();
  await page.getByRole('textbox', { name: /^Hand speed/ }).fill('');
  await expect(take).toContainText('each 2 mm');
  await kept(page);

  // One layer in nothing but hands: it says so, and what cures it.
  await page.getByText('Fabric and hoop').click();
  await page.getByRole('radio', { name: 'nothing', exact: true }).check();
  await expect(page.getByText('A single layer, and nothing holds it.')).toBeVisible();
  await page.getByRole('radio', { name: 'hoop', exact: true }).check();
  await expect(take).toContainText(/in \d+ places/);
  await kept(page);

  await page.getByRole('link', { name: 'Machine settings', exact: true }).click();
  await expect(page.getByText('Your hands move the fabric, in every direction.')).toBeVisible();
  await page.getByRole('link', { name: 'Test swatch', exact: true }).click();
  await page
    .getByRole('button', { name: /^Record/ })
    .first()
    .click();
  const swatch = page.getByRole('listitem', { name: 'Swatch 1' });
  await swatch.getByLabel('Ten stitches on the line').fill('30 mm; 31 mm; 29 mm');
  await swatch.getByLabel('Ten stitches in the loop').fill('20 mm');
  await swatch.getByLabel('Ten stitches in the loop').press('Enter');
  await expect(swatch).toContainText('your hands moved 30 mm a second');
  await expect(swatch).toContainText('run the machine at 900');
  await expect(swatch).toContainText('In the loop they are shorter');
  await swatch.getByRole('radio', { name: 'good', exact: true }).click();
  await expect(swatch.getByRole('radio', { name: 'good', exact: true })).toBeChecked();
  await kept(page);

  // What it taught stands in the plan, on the sheet and in the file alike.
  await page.getByRole('link', { name: 'Plan', exact: true }).click();
  await expect(take).toContainText('Your usual hand speed');
  const keeps = /Your usual hand speed([\d.]+ mm a second: run it at \d+)/.exec(
    (await take.textContent())!,
  )![1]!;
  await page.getByRole('link', { name: 'Sew', exact: true }).click();
  await page.emulateMedia({ media: 'print' });
  expect((await page.getByTestId('cut-sheet').innerText()).replace(/\s+/g, ' ')).toContain(keeps);
  await page.emulateMedia({ media: 'screen' });

  await page.getByRole('link', { name: 'Open step-by-step view' }).click();
  const title = page.getByRole('heading', { level: 1 });
  for (let i = 0; i < 40 && (await title.textContent()) !== 'Finished!'; i++) {
    await page.keyboard.press('ArrowRight');
    await page.waitForTimeout(60);
  }
  await expect(title).toHaveText('Finished!');
  await page.keyboard.press(' ');
  await page.getByRole('textbox', { name: 'In a sentence, with measurements' }).fill('even, and flat');
  // What is typed is kept by itself.
  await expect(page.getByText(/^✓ Saved on/)).toBeVisible();
  await kept(page);
});

test('a leaf is filled with lines or with satin, and too much of it is said', async ({ page }) => {
  await page.goto(
    '/calculator/free-motion?kind=fill&shape=leaf&shapeWidth=120+mm&shapeHeight=70+mm&lineSpacing=2+mm',
  );
  const take = page.getByRole('region', { name: 'Results' });
  await expect(take).toContainText('12 × 7 cm');
  await page.getByRole('textbox', { name: 'Line spacing' }).fill('0.3 mm');
  await expect(page.getByText(/stitches lie on a square millimetre/)).toBeVisible();
  await page.getByRole('textbox', { name: 'Zigzag width' }).fill('9 mm');
  await expect(page.getByText(/The column is 9 mm wide, and the machine swings 7 mm/)).toBeVisible();
  await page.getByRole('textbox', { name: 'Zigzag width' }).fill('4 mm');
  await expect(page.getByText(/The column is/)).toHaveCount(0);
});

test('letters and ladybirds: every stretch is a step with its picture, and the outline comes out as a file', async ({
  page,
}) => {
  await openWorking(page, 'Ladybirds on the gate banner', 'Sew');
  await page.getByText(/^Stretch 2 of \d+$/).click();
  await expect(page.locator('[data-picture="sewn"] .lit').filter({ visible: true }).first()).toBeVisible();
  const id = /parts\/([^/]+)/.exec(page.url())![1]!;
  const guide = await (await page.request.get(`/api/workings/${id}/guide?as=svg`)).text();
  expect(guide).toContain('start');

  await openWorking(page, 'Name on the gate banner', 'Plan');
  await (await field(page, 'Letters')).fill('WR');
  await expect(page.getByRole('region', { name: 'Results' })).toContainText(/\d+ jumps?/);
  await page.getByRole('radio', { name: 'ring', exact: true }).check();
  await kept(page);
});
