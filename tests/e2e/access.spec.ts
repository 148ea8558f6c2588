import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { expect, openWorking, test } from './house';

const views = [
  '/',
  '/reckoner?finishedEdge=2.6+m&clothAtHand=3+m',
  '/reckoner?finishedEdge=nonsense',
  '/workroom',
  '/nowhere',
];
const drawer = [
  '/drawer/machine',
  '/drawer/foot',
  '/drawer/cloth',
  '/drawer/chart?technique=pintucks',
  '/drawer/ask?technique=couching&cordThickness=2.2+mm',
  '/drawer/ask?technique=shirring&rowGap=nonsense',
  '/drawer/rules',
];
const fullness = [
  '/swatches',
  '/swatches?text=nothing+is+like+this',
  '/reckoner/gathering-foot?finishedEdge=2+m&clothAtHand=3+m',
  '/reckoner/tucked-ruffle?finishedEdge=48+cm&fullness=4',
  '/reckoner/shirring?relaxedWidth=30+cm&panelHeight=nonsense',
  '/reckoner/which-way?finishedEdge=2.6+m',
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

/** The bench, the reckoner, the workroom, and one working through its stages. */
async function workingViews(page: Page) {
  await openWorking(page, 'Frill round the tea table');
  const working = new URL(page.url()).pathname.split('/').slice(0, 3).join('/');
  return [...views, ...stages.map((s) => `${working}/${s}`)];
}

/** The swatch book with some laid side by side, and workings whose fullness a machine makes. */
async function fullnessViews(page: Page) {
  const book = (await (await page.request.get('/api/swatches?technique=gathering-foot')).json()) as {
    swatches: { swatch: { id: string; workingId: string } }[];
  };
  const [one, two] = book.swatches.map((s) => s.swatch);
  await openWorking(page, 'Smock’s shirred back');
  const shirred = new URL(page.url()).pathname.split('/').slice(0, 3).join('/');
  return [
    ...fullness,
    `/swatches?beside=${one!.id},${two!.id}`,
    ...['plan', 'sample', 'cut', 'sew'].map((s) => `/workings/${one!.workingId}/${s}`),
    ...['plan', 'sample', 'cut'].map((s) => `${shirred}/${s}`),
  ];
}

const drawerViews = async (page: Page) => [...drawer, ...(await things(page))];

for (const theme of ['light', 'dark'] as const) {
  for (const width of [1280, 390]) {
    for (const [part, paths] of [
      ['working', workingViews],
      ['drawer', drawerViews],
      ['fullness', fullnessViews],
    ] as const) {
      test(`no barrier and no sideways scrolling, ${part}, ${theme}, ${width} px`, async ({ page }) => {
        test.setTimeout(240_000);
        await page.emulateMedia({ colorScheme: theme, reducedMotion: 'reduce' });
        await page.setViewportSize({ width, height: 844 });
        for (const path of await paths(page)) await expectOpen(page, path);
      });
    }
  }
}

/** Opens a page with all its folds, and finds neither a barrier nor anything beyond its sides. */
async function expectOpen(page: Page, path: string) {
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
