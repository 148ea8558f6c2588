import { barriers, expect, kept, openWorking, test } from './house';

const leaf = `<svg xmlns="http://www.w3.org/2000/svg" width="80mm" height="80mm" viewBox="0 0 80 80">
  <g transform="translate(2 2)"><path d="M12 68C8 36 30 8 70 4C74 40 52 66 20 72L8 76L4 70Z"/></g></svg>`;

test('a line is built with the keys, pulled by its dots with the mouse, and its stops follow', async ({
  page,
}) => {
  await page.goto('/calculator/couching?cordDiameter=3+mm');
  const comes = page.getByRole('region', { name: 'Results' });
  for (const part of ['straight', 'curve', 'corner', 'straight']) {
    const add = page.getByRole('button', { name: `Add a ${part}` });
    await add.focus();
    await page.keyboard.press('Enter');
  }
  await expect(comes).toContainText('16.3 cm');

  // A dot is turned with the arrow keys, and typed at with Enter.
  const straight = page.getByRole('slider', { name: 'Straight' }).first();
  await straight.focus();
  await page.keyboard.press('ArrowUp');
  await expect(straight).toHaveAttribute('aria-valuetext', '51 mm');
  await page.keyboard.press('Enter');
  await page.keyboard.type('80 mm');
  await page.keyboard.press('Enter');
  await expect(straight).toHaveAttribute('aria-valuetext', '80 mm');
  await expect(page.getByRole('button', { name: 'Part 1, straight: 80 mm' })).toBeVisible();

  // The sweep is pulled round with the mouse.
  const sweep = page.getByRole('slider', { name: 'Curve angle' });
  const was = Number(await sweep.getAttribute('aria-valuenow'));
  const box = (await sweep.boundingBox())!;
  const [x, y] = [box.x + 22, box.y + box.height - 22];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x - 40, y + 70, { steps: 6 });
  await page.mouse.up();
  await expect.poll(async () => Number(await sweep.getAttribute('aria-valuenow'))).toBeGreaterThan(was + 10);

  // What is wrong is said at its part, and the rest stands.
  await page.getByRole('button', { name: /^Part 2, curve/ }).click();
  await page.getByRole('textbox', { name: 'Radius' }).fill('nothing');
  await expect(page.getByRole('button', { name: /^Part 2, curve/ })).toHaveClass(/is-wrong/);
  await page.getByRole('textbox', { name: 'Radius' }).fill('1 mm');
  await expect(comes).toContainText('this cord lies in none below 6 mm');
});

test('the vine: from near stop by stop, at the machine by the space bar, kept over a reload', async ({
  page,
}) => {
  test.setTimeout(120_000);
  await openWorking(page, 'Vine along the gate banner', 'Plan');
  const near = page.getByRole('region', { name: 'Close-up' });
  await expect(near).toContainText('stop 1, needle right');
  await near.getByRole('button', { name: 'Next spot' }).click();
  await expect(near).toContainText('stop 2, needle');
  await near.getByRole('application').focus();
  await page.keyboard.press('ArrowLeft');

  await page.getByRole('link', { name: 'Sew', exact: true }).click();
  await page.getByText('Couch the cord', { exact: true }).click();
  await page.getByText(/^All pivot points: \d+/).click();
  const rows = page.locator('table.stops').filter({ visible: true }).getByRole('row');
  const first = Number(await rows.nth(1).locator('td').nth(1).textContent());
  expect(first).toBeGreaterThan(1);

  await page.getByRole('link', { name: 'Open step-by-step view' }).click();
  const title = page.getByRole('heading', { level: 1 });
  for (let i = 0; i < 6 && !(await title.textContent())?.startsWith('Couch'); i++) {
    await page.keyboard.press('ArrowRight');
    await page.waitForTimeout(150);
  }
  await expect(title).toContainText('stop 1 of');
  const count = page.locator('.stop-count');
  await expect(count).toContainText(`${first}stitches to go`);
  for (let i = 0; i < first; i++) await page.keyboard.press(' ');
  await expect(count).toContainText('needle down, right');
  await expect(page.getByRole('button', { name: 'Turned, continue' })).toBeVisible();
  await page.keyboard.press(' ');
  await expect(title).toContainText('stop 2 of');
  await page.keyboard.press('PageDown');
  await page.keyboard.press('ArrowLeft');
  await page.keyboard.press('ArrowLeft');
  await expect(title).toContainText('stop 1 of');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press(' ');
  await page.waitForTimeout(1200);
  await page.reload();
  await expect(title).toContainText('stop 2 of');
  expect(await barriers(page)).toEqual([]);
});

test('on a telephone a finger sews round the root without counting', async ({ page }) => {
  test.setTimeout(120_000);
  await page.setViewportSize({ width: 390, height: 844 });
  await openWorking(page, 'Beetroot on the pocket', 'Sew');
  await page.getByRole('link', { name: 'Open step-by-step view' }).click();
  const title = page.getByRole('heading', { level: 1 });
  for (let i = 0; i < 8 && !(await title.textContent())?.includes('left leaf'); i++) {
    await page.getByRole('button', { name: /^(Next:|Tick all)/ }).click();
    await page.waitForTimeout(100);
  }
  await expect(title).toContainText('Sew round the left leaf');
  const on = page.getByRole('button', { name: /^(I’ve reached the stop|Turned, continue|Sewn)$/ });
  for (let i = 0; i < 400; i++) {
    if ((await title.textContent())?.includes('right leaf')) break;
    await on.click();
  }
  await expect(title).toContainText('Sew round the right leaf');
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});

test('a leaf from a file: refused in a sentence, read at its size, made to land, taken out again', async ({
  page,
}) => {
  await page.goto('/calculator/applique');
  await page.getByRole('radio', { name: 'from a file' }).first().check();
  const chooser = page.locator('input[type=file]').first();
  const give = (text: string) =>
    chooser.setInputFiles({ name: 'leaf.svg', mimeType: 'image/svg+xml', buffer: Buffer.from(text) });
  await give(leaf.replace('<g ', '<script/><g '));
  await expect(page.getByText(/holds a script/)).toBeVisible();
  await page.getByRole('textbox', { name: 'Maximum width' }).first().fill('90 mm');
  await give(leaf);
  await expect(page.getByText(/One line, 90 mm ×/)).toBeVisible();

  const fit = page.getByRole('region', { name: 'How the stitches meet the corners' });
  await expect(fit).toBeVisible();
  const make = fit.getByRole('button', { name: 'Make it so' });
  if (await make.isVisible()) await make.click();
  await expect(fit).toContainText('lands in every corner.');
});

test('a shape is typed on its drawing, and the star says what change makes its corners met', async ({
  page,
}) => {
  await page.goto('/calculator/applique?made=shape&shape=star&shapeWidth=83+mm&shapeHeight=79+mm');
  const fit = page.getByRole('region', { name: 'How the stitches meet the corners' });
  await expect(fit.getByRole('row')).toHaveCount(11);
  const make = fit.getByRole('button', { name: 'Make it so' });
  if (!(await fit.textContent())?.includes('lands in every corner')) {
    await expect(fit).toContainText('To make it land everywhere');
    await make.click();
  }
  await expect(fit).toContainText('lands in every corner.');
  const wide = page.getByRole('button', { name: /^Width: / });
  await wide.focus();
  await page.keyboard.press('Enter');
  await page.keyboard.type('90 mm');
  await page.keyboard.press('Enter');
  await expect(wide).toHaveText('90 mm');
  await page.getByRole('radio', { name: 'satin stitch' }).check();
  await expect(page.getByRole('region', { name: 'To cut' })).toContainText(/0\.\d+ mm long, 4 mm wide/);
});

test('the outlines of the beetroot go out as one file, and the guide shows each mirrored', async ({
  page,
}) => {
  await openWorking(page, 'Beetroot on the pocket', 'Cut');
  const guide = page.getByRole('region', { name: 'Guide at true size' });
  const download = page.waitForEvent('download');
  await guide.getByRole('button', { name: 'Outline only' }).click();
  expect((await download).suggestedFilename()).toBe('Beetroot-on-the-pocket.svg');
  await kept(page);
  await expect(page.getByRole('region', { name: 'To cut' })).toContainText('fusible for the root');
});
