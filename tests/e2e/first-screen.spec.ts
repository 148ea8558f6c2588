import { expect, goTo, test } from './house';

/** What stands at the foot of a narrow screen: what is cut, and the menu. */
const foot = 122;

for (const [width, height] of [
  [1280, 800],
  [390, 844],
] as const)
  test(`the first drawing of every plan is whole on the first screen, with what to cut, ${width} px`, async ({
    page,
  }) => {
    test.slow();
    await page.setViewportSize({ width, height });
    const bench = (await (await page.request.get('/api/bench')).json()) as {
      projects: { workings: { id: string; name: string }[] }[];
    };
    for (const { id, name } of bench.projects.flatMap((p) => p.workings)) {
      await goTo(page, `/parts/${id}/plan`);
      await expect(page.getByLabel('Name of this part')).toHaveValue(name);
      const drawing = page.locator('.first-drawing');
      await expect(drawing.locator('svg').first(), name).toBeVisible();
      const { y, height: tall } = (await drawing.boundingBox())!;
      expect(y, name).toBeGreaterThanOrEqual(0);
      expect(y + tall, name).toBeLessThanOrEqual(width < 500 ? height - foot : height);
      // What to cut is in sight: beside it, or at the foot.
      await expect(page.locator(width < 500 ? '.in-sight' : '#answer h2'), name).toBeInViewport();
    }
  });
