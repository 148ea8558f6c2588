import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { expect, openWorking, test } from './house';

const views = [
  '/',
  '/reckoner?finishedEdge=2.6+m&clothAtHand=3+m',
  '/reckoner?finishedEdge=nonsense',
  '/workroom',
  '/drawer/machine',
  '/drawer/foot',
  '/drawer/cloth',
  '/drawer/chart?technique=pintucks',
  '/drawer/ask?technique=couching&cordThickness=2.2+mm',
  '/drawer/ask?technique=shirring&rowGap=nonsense',
  '/drawer/rules',
  '/nowhere',
];
const stages = ['plan', 'set-up', 'sample', 'cut', 'sew', 'keep', 'machine'];

/** The pages of one thing of each kind that is drawn in its own way. */
async function things(page: Page) {
  const drawer = (await (await page.request.get('/api/drawer')).json()) as {
    things: { id: string; kind: string }[];
  };
  return ['machine', 'foot', 'cloth'].map(
    (kind) => `/drawer/thing/${drawer.things.find((t) => t.kind === kind)!.id}`,
  );
}

test.describe.configure({ mode: 'parallel' });

for (const theme of ['light', 'dark'] as const) {
  for (const width of [1280, 390]) {
    test(`no barrier and no sideways scrolling, ${theme}, ${width} px`, async ({ page }) => {
      test.setTimeout(180_000);
      await page.emulateMedia({ colorScheme: theme, reducedMotion: 'reduce' });
      await page.setViewportSize({ width, height: 844 });
      await openWorking(page, 'Frill round the tea table');
      const working = new URL(page.url()).pathname.split('/').slice(0, 3).join('/');
      for (const path of [...views, ...(await things(page)), ...stages.map((s) => `${working}/${s}`)]) {
        await page.goto(path);
        await expect(page.locator('h1').first()).toBeVisible();
        await page.waitForLoadState('networkidle');
        await page.locator('details').evaluateAll((all) => all.forEach((d) => d.removeAttribute('name')));
        await page
          .locator('details')
          .evaluateAll((all) => all.forEach((d) => ((d as HTMLDetailsElement).open = true)));
        const { violations } = await new AxeBuilder({ page }).analyze();
        expect(violations.map((v) => `${path}: ${v.id}: ${v.nodes[0]?.html.slice(0, 160)}`)).toEqual([]);
        const { scroll, client } = await page.evaluate(() => ({
          scroll: document.documentElement.scrollWidth,
          client: document.documentElement.clientWidth,
        }));
        expect(scroll, path).toBeLessThanOrEqual(client);
      }
    });
  }
}

test('what is touched is large enough, and twice the size still fits', async ({ page }) => {
  await page.setViewportSize({ width: 640, height: 400 });
  await openWorking(page, 'Valance over the seedling stall', 'Plan');
  await expect(page.getByRole('region', { name: 'To cut' })).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(640);
  const small = await page
    .locator('main button, main a.btn, main input.entry, main select, summary, .thread a')
    .evaluateAll((all) =>
      all
        .filter((e) => e.checkVisibility())
        .map((e) => ({
          name: e.getAttribute('aria-label') ?? e.textContent,
          height: e.getBoundingClientRect().height,
        }))
        .filter((e) => e.height < 43.5),
    );
  expect(small).toEqual([]);
});
