import type { Page } from '@playwright/test';
import { barriers, expect, kept, openWorking, settled, test } from './house';

/** The measuring card beside a gathered strip 150 mm wide, as a camera from straight above would see it: 6 px to a mm. */
async function photograph(page: Page) {
  const marks = [
    [14, 14],
    [114, 14],
    [114, 114],
    [14, 114],
  ]
    .map(
      ([x, y]) =>
        `<circle cx="${x}" cy="${y}" r="5" fill="none" stroke="#111" stroke-width="2"/><circle cx="${x}" cy="${y}" r="2" fill="#111"/>`,
    )
    .join('');
  const other = await page.context().newPage();
  await other.setViewportSize({ width: 1440, height: 1080 });
  await other.setContent(
    `<body style="margin:0"><svg viewBox="0 0 240 180" width="1440" height="1080">
      <rect width="240" height="180" fill="#4c4438"/>
      <rect x="2" y="2" width="124" height="124" fill="#fff"/>${marks}
      <rect x="140" y="12" width="80" height="150" fill="#e8e2d4"/></svg>`,
  );
  const picture = await other.screenshot();
  await other.close();
  return picture;
}

test('a swatch is photographed, measured and taught without a figure typed', async ({ page }) => {
  await openWorking(page, 'Valance, tried with the gathering foot', 'Test swatch');
  const swatch = page.getByRole('main').getByRole('listitem').filter({ hasText: 'Swatch 1' }).first();
  const gathered = swatch.getByRole('textbox', { name: /^Gathered/ });
  const before = await gathered.inputValue();
  await swatch.locator('input[type=file]').setInputFiles({
    name: 'swatch.png',
    mimeType: 'image/png',
    buffer: await photograph(page),
  });
  await swatch
    .getByRole('button', { name: /^Measure in photograph/ })
    .last()
    .press('Enter');
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('radio', { name: 'a strip' }).check({ force: true });
  // The part is laid over the strip by its corners, by keys: at its side first, since its edges run down.
  const put = async (corner: number, x: number, y: number) => {
    const dot = dialog.getByRole('button', { name: `Corner ${corner}:` });
    const box = (await dialog.getByAltText('The photograph that is measured').boundingBox())!;
    const at = (await dot.boundingBox())!;
    await page.mouse.move(at.x + at.width / 2, at.y + at.height / 2);
    await page.mouse.down();
    await page.mouse.move(box.x + (x / 240) * box.width, box.y + (y / 180) * box.height, { steps: 4 });
    await page.mouse.up();
  };
  await put(1, 150, 4);
  await put(2, 210, 4);
  await put(3, 210, 172);
  await put(4, 150, 172);
  await dialog.getByRole('button', { name: 'Corner 4:' }).press('ArrowDown');
  await dialog.getByRole('button', { name: 'Measure', exact: true }).press('Enter');
  const found = dialog.getByRole('region', { name: 'What was measured' });
  await expect(found).toContainText('15 cm');
  // A line that lies elsewhere is pulled there, by keys too, and what it comes to follows.
  const before15 = await found.innerText();
  await dialog.getByRole('button', { name: 'Line 1, near end:' }).press('Shift+ArrowUp');
  await dialog.getByRole('button', { name: 'Measure by these lines' }).press('Enter');
  await expect(found).not.toHaveText(before15);
  await dialog.getByRole('button', { name: 'Measure', exact: true }).press('Enter');
  await expect(found).toContainText('15 cm');
  await settled(page);
  expect(await barriers(page)).toEqual([]);
  await found.getByRole('button', { name: /^Use as gathered/i }).press('Enter');
  await expect(dialog).toBeHidden();
  await kept(page);
  await expect(gathered).toHaveValue(`${before}; 15 cm`);
});
