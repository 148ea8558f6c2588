import { beginWorking, expect, expectSaid, field, kept, openWorking, test } from './house';

test('every change shows at once, and what cannot be is said at the field', async ({ page }) => {
  await beginWorking(page, 'Figures');
  const edge = page.getByRole('textbox', { name: 'Finished length' });
  await edge.fill('1.2 m + 80 cm + 60');
  await expect(page.getByText('= 2.6 m')).toBeVisible();
  await edge.fill('2 m 6');
  await expect(page.getByText('At character 5: “6” has no unit of its own.')).toBeVisible();
  await expect(edge).toHaveAttribute('aria-invalid', 'true');
  // The last right answer stays to be seen, and says that it is old.
  await expect(page.getByText('Previous result, until the entry is corrected')).toBeVisible();
  await edge.fill('36 1/2 in');
  await expect(page.getByText('= 92.7 cm')).toBeVisible();

  await page.getByText('Seam allowances and stitching').click();
  await page.getByRole('textbox', { name: 'Row spacing' }).fill('12 mm');
  await expect(page.getByText(/The first row would lie off the fabric/)).toBeVisible();
  await page.getByRole('textbox', { name: 'Row spacing' }).fill('6 mm');
  await page.getByRole('radio', { name: 'closed loop' }).check();
  await expect(page.getByText(/joined to a loop/)).toBeVisible();
  await page.getByRole('radio', { name: 'folded double' }).check();
  await expect(page.getByLabel('Hem allowance', { exact: true })).toHaveCount(0);
  await kept(page);
});

test('a figure steps by the marking step, and the wave chooses the fullness', async ({ page }) => {
  await beginWorking(page, 'Steps');
  const edge = page.getByRole('textbox', { name: 'Finished length' });
  await edge.fill('1 m');
  await edge.press('ArrowUp');
  await expect(edge).toHaveValue('100.05 cm');
  await edge.press('Shift+ArrowDown');
  await expect(edge).toHaveValue('99.55 cm');
  await page.getByRole('slider').press('ArrowRight');
  await expect(page.getByRole('textbox', { name: 'Fullness', exact: true })).toHaveValue('2.05');
});

test('nothing typed is lost: a half-typed figure through a reload, a whole one through a silence', async ({
  page,
  context,
}) => {
  await beginWorking(page, 'Silence');
  const edge = page.getByRole('textbox', { name: 'Finished length' });
  await edge.fill('2.6 m');
  await kept(page);
  await edge.fill('2.6 m and a b');
  await page.reload();
  await expect(edge).toHaveValue('2.6 m and a b');

  await context.setOffline(true);
  await edge.fill('3.4 m');
  await expect(page.getByText(/Not saved/)).toBeVisible();
  await context.setOffline(false);
  await kept(page);
  await page.evaluate(() => localStorage.clear());
  await page.reload();
  await expectSaid(page, 'Finished length', '3.4 m');
});

test('nothing typed is lost: on the bench as it is left, in what is kept while the words before are being saved', async ({
  page,
}) => {
  await page.goto('/');
  await page.getByLabel('Notes on the project').first().fill('Bring the ladder.');
  await page.getByRole('link', { name: 'Swatches', exact: true }).click();
  await kept(page);
  await page.getByRole('link', { name: 'Projects', exact: true }).click();
  await expect(page.getByLabel('Notes on the project').first()).toHaveValue('Bring the ladder.');
  const name = page.getByLabel('Name of the project').first();
  const was = await name.inputValue();
  await name.fill(' ');
  await expect(page.getByText('One entry needs correcting')).toBeVisible();
  await expect(name).toHaveAttribute('aria-invalid', 'true');
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(name).toHaveValue(was);
  await kept(page);

  await openWorking(page, 'Lower tier of the skirt', 'Finish');
  await page.route('**/keep*/**', async (route) => {
    await new Promise((later) => setTimeout(later, 700));
    await route.continue();
  });
  await page.route('**/keep', async (route) => {
    if (route.request().method() === 'POST') await new Promise((later) => setTimeout(later, 700));
    await route.continue();
  });
  const saving = page.waitForRequest((r) => r.method() === 'POST' && r.url().endsWith('/keep'));
  const came = page.getByLabel('In a sentence, with measurements');
  await came.fill('Even');
  await saving;
  await came.pressSequentially(' to the ends');
  await page.getByLabel('For next time').fill('One row more.');
  await kept(page);
  await page.evaluate(() => localStorage.clear());
  await page.reload();
  await expect(came).toHaveValue('Even to the ends');
  await expect(page.getByLabel('For next time')).toHaveValue('One row more.');
});

test('a project that was just begun can be renamed letter by letter', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: /^(New project|Plan something)$/ }).click();
  await page.keyboard.type('Bunting');
  await page.keyboard.press('Enter');
  const sheet = page.getByRole('region', { name: 'Bunting' });
  await expect(sheet.getByRole('button', { name: 'Add a part' })).toBeFocused();
  const name = sheet.getByLabel('Name of the project');
  await name.press('End');
  await page.keyboard.type(' for the gate', { delay: 60 });
  await kept(page);
  await expect(page.getByRole('region', { name: 'Bunting for the gate' })).toBeVisible();
});

test('the ways to begin a working are all in reach on a low screen', async ({ page }) => {
  await page.setViewportSize({ width: 1280, height: 560 });
  await page.goto('/');
  // At the foot of the screen, where there is little room below it and little above.
  const begin = page.getByRole('button', { name: 'Add a part' }).last();
  await begin.evaluate((button) => button.scrollIntoView({ block: 'center' }));
  await begin.click();
  const menu = page.getByRole('menu');
  await expect(menu).toBeVisible();
  const box = (await menu.boundingBox())!;
  expect(box.y).toBeGreaterThanOrEqual(0);
  expect(box.y + box.height).toBeLessThanOrEqual(560);
  for (const way of await menu.getByRole('menuitem').all()) {
    await page.keyboard.press('ArrowDown');
    await expect(way).toBeInViewport({ ratio: 0.9 });
  }
});

test('turned round: the cloth there is says how full and how long it can be', async ({ page }) => {
  await openWorking(page, 'Valance over the seedling stall', 'Plan');
  const allows = page.getByRole('region', { name: 'Work backwards' });
  await expect(allows).toContainText('a fullness on this edge of 4.69');
  await allows.getByRole('button', { name: 'Use this' }).first().click();
  await expect(page.getByRole('textbox', { name: 'Fullness', exact: true })).toHaveValue('4.69');
  await expect(page.getByRole('region', { name: 'To cut' })).toContainText('3.1 m');
  await kept(page);
  await page.getByRole('button', { name: /^Undo: fullness/ }).click();
  await expect(page.getByRole('textbox', { name: 'Fullness', exact: true })).toHaveValue('2.2');
});

test('two seats at one working: what both typed is there', async ({ page, context }) => {
  await beginWorking(page, 'Two seats');
  await page.getByRole('textbox', { name: 'Finished length' }).fill('2.6 m');
  await kept(page);
  const other = await context.newPage();
  await other.goto(page.url());
  await (await field(other, 'Finished depth')).fill('31 cm');
  await kept(other);
  await page.getByRole('textbox', { name: 'Seam allowance', exact: true }).fill('17 mm');
  await kept(page);
  await expectSaid(page, 'Finished depth', '31 cm');
  await other.reload();
  await expect(other.getByRole('textbox', { name: 'Seam allowance', exact: true })).toHaveValue('17 mm');
});
