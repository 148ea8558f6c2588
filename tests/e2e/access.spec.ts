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

/** Every stage of every technique, in the working that the demonstration has of it; and its reckoner. */
async function techniqueViews(page: Page) {
  const get = async (path: string) => (await page.request.get(`/api/${path}`)).json();
  const techniques = (await get('techniques')) as { name: string; title: string }[];
  const { projects } = (await get('bench')) as {
    projects: { workings: { id: string; technique: string }[] }[];
  };
  const workings = projects.flatMap((p) => p.workings);
  const paths: string[] = [];
  for (const { name, title } of techniques) {
    const working = workings.find((w) => w.technique === title);
    expect(working, `a working of ${name} in the demonstration`).toBeTruthy();
    const { stages } = (await get(`techniques/${name}`)) as { stages: { name: string }[] };
    for (const stage of [...stages.map((s) => s.name), 'machine'])
      paths.push(`/workings/${working!.id}/${stage}`);
    paths.push(`/reckoner/${name}`);
  }
  return paths;
}

const workingViews = async () => views;

/** The swatch book with some laid side by side, and the reckoners with figures and with nonsense. */
async function fullnessViews(page: Page) {
  const book = (await (await page.request.get('/api/swatches?technique=gathering-foot')).json()) as {
    swatches: { swatch: { id: string } }[];
  };
  const [one, two] = book.swatches.map((s) => s.swatch);
  return [...fullness, `/swatches?beside=${one!.id},${two!.id}`];
}

const drawerViews = async (page: Page) => [...drawer, ...(await things(page))];

for (const theme of ['light', 'dark'] as const) {
  for (const width of [1280, 390]) {
    for (const [part, paths] of [
      ['working', workingViews],
      ['drawer', drawerViews],
      ['fullness', fullnessViews],
      ['techniques', async (page: Page) => (await techniqueViews(page)).filter((_, i) => i % 2 === 0)],
      ['techniques, the others', async (page: Page) => (await techniqueViews(page)).filter((_, i) => i % 2)],
    ] as const) {
      // Every technique on the narrow screen, where it is tightest; what they share is looked at on both.
      if (part.startsWith('techniques') && width !== 390) continue;
      test(`no barrier and no sideways scrolling, ${part}, ${theme}, ${width} px`, async ({ page }) => {
        test.setTimeout(420_000);
        await page.emulateMedia({ colorScheme: theme, reducedMotion: 'reduce' });
        await page.setViewportSize({ width, height: 844 });
        for (const path of await paths(page)) await expectOpen(page, path, theme);
      });
    }
  }
}

/** Opens a page with all its folds, and finds neither a barrier nor anything beyond its sides. */
async function expectOpen(page: Page, path: string, theme: 'light' | 'dark') {
  await page.goto(path);
  await expect(page.locator('h1').first()).toBeVisible();
  await page.waitForLoadState('networkidle');
  await page.locator('details').evaluateAll((all) => all.forEach((d) => d.removeAttribute('name')));
  await page
    .locator('details')
    .evaluateAll((all) => all.forEach((d) => ((d as HTMLDetailsElement).open = true)));
  const axe = new AxeBuilder({ page });
  // By lamplight only the colours are others.
  const { violations } = await (theme === 'dark' ? axe.withRules('color-contrast') : axe).analyze();
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
