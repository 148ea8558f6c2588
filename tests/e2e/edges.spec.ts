import { beginWorking, expect, field, kept, openWorking, settled, test } from './house';

/** The three corded edges as they lie in the demonstration. */
const edges = ['Kneeler pads', 'Tea-tent cushion', 'Neckline of the smock'];

for (const name of edges) {
  test(`${name} fits a telephone in the dark, from plan to the last step`, async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    await page.emulateMedia({ colorScheme: 'dark' });
    await openWorking(page, name, 'Plan');
    for (const stage of ['Plan', 'Cut', 'Sew']) {
      await page
        .getByRole('navigation', { name: 'Stages' })
        .getByRole('link', { name: stage, exact: true })
        .click();
      await expect(page.getByRole('navigation', { name: 'Stages' })).toBeVisible();
      await settled(page);
      expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    }
  });

  test(`${name} on paper says what the plan says, and every step with its picture`, async ({ page }) => {
    await openWorking(page, name, 'Sew');
    const id = /parts\/([^/]+)/.exec(page.url())![1]!;
    const { ask } = (await (await page.request.get(`/api/workings/${id}`)).json()) as { ask: object };
    const plan = (await (
      await page.request.post(`/api/workings/${id}/reckon?units=metric&with=steps`, { data: ask })
    ).json()) as { facts: { name: string; text: string }[]; steps: { title: string; big: string }[] };
    await page.emulateMedia({ media: 'print' });
    const sheet = page.getByTestId('cut-sheet');
    const says = (await sheet.innerText()).replace(/\s+/g, ' ');
    for (const { text } of plan.facts) expect(says).toContain(text);
    for (const { title, big } of plan.steps) {
      expect(says).toContain(title);
      expect(says).toContain(big);
    }
    // On paper nothing is light on dark, and nothing is wider than the sheet.
    const wide = await sheet.evaluate((s) => s.scrollWidth - s.clientWidth);
    expect(wide).toBeLessThanOrEqual(1);
  });
}

test('an edge that was measured is planned from nothing, and is there after a reload', async ({ page }) => {
  await beginWorking(page, 'Bench by the greenhouse', 'Piping', 'Cushion pad width');
  await page.getByRole('radio', { name: 'lengths I measured' }).check();
  await (await field(page, 'Edges')).fill('1.18 m');
  await (await field(page, 'Cord thickness')).fill('4 mm');
  const cut = page.getByRole('region', { name: 'To cut', exact: true });
  await expect(cut).toContainText('Strip width');
  await kept(page);
  await page.reload();
  await expect(cut).toContainText('Strip width');
});
