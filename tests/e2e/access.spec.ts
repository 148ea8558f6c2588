import type { Page } from '@playwright/test';
import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import { barriers, expect, expectNarrow, goTo, openWorking, settled, test } from './house';

const views = [
  '/',
  '/calculator?finishedEdge=2.6+m&clothAtHand=3+m',
  '/calculator?finishedEdge=nonsense',
  '/settings',
  '/faults',
  '/faults?seen=skips,frays&tried=new-needle:same',
  '/nowhere',
];
const drawer = [
  '/supplies/machine',
  '/supplies/foot',
  '/supplies/cloth',
  '/supplies/chart?technique=pintucks',
  '/supplies/settings?technique=couching&cordThickness=2.2+mm',
  '/supplies/settings?technique=shirring&rowGap=nonsense',
  '/supplies/rules',
];
const fullness = [
  '/swatches',
  '/swatches?text=nothing+is+like+this',
  '/calculator/gathering-foot?finishedEdge=2+m&clothAtHand=3+m',
  '/calculator/tucked-ruffle?finishedEdge=48+cm&fullness=4',
  '/calculator/shirring?relaxedWidth=30+cm&panelHeight=nonsense',
  '/calculator/which-way?finishedEdge=2.6+m',
];
/** The pages of one thing of each kind that is drawn in its own way. */
async function things(page: Page) {
  const drawer = (await (await page.request.get('/api/drawer')).json()) as {
    things: { id: string; kind: string }[];
  };
  return ['machine', 'foot', 'cloth'].map(
    (kind) => `/supplies/thing/${drawer.things.find((t) => t.kind === kind)!.id}`,
  );
}

/** What things were called before; one plain word stands for each now. */
const oldWords =
  /\b(workings?|bench|drawer|reckon\w*|workroom|cloths?|pairs? of needles|tuck foot|(pleating|folding) attachment|stitch book|swatch book|schools?|findings?|take it|take back|do again|kept|nine in ten|even chance|laid aside|scraps?|frozen)\b/gi;

type Described = { fields: { kind: string; fields?: { kind: string }[] }[]; stages: { name: string }[] };

/** Parts of the screen that a technique has for itself. */
const leaves = readdirSync(join(import.meta.dirname, '../../src/client/techniques'));

/**
 * Every stage of every technique, in the working that the demonstration has of it, and its reckoner. Each shows what it `has`
 * of its own: the stage, the kinds of fields that are asked there, and the parts that only this technique has.
 */
async function techniqueViews(page: Page) {
  const get = async (path: string) => (await page.request.get(`/api/${path}`)).json();
  const techniques = (await get('techniques')) as { name: string; title: string }[];
  const { projects } = (await get('bench')) as {
    projects: { workings: { id: string; technique: string }[] }[];
  };
  const workings = projects.flatMap((p) => p.workings);
  const all: { path: string; has: string[] }[] = [];
  for (const { name, title } of techniques) {
    const working = workings.find((w) => w.technique === title);
    expect(working, `a part of ${name} in the demonstration`).toBeTruthy();
    const { stages, fields } = (await get(`techniques/${name}`)) as Described;
    const kinds = fields.flatMap((f) => [f.kind, ...(f.fields ?? []).map((g) => `${f.kind} of ${g.kind}`)]);
    const own = leaves.includes(name) ? [name] : [];
    for (const stage of [...stages.map((s) => s.name), 'machine'])
      all.push({
        path: `/parts/${working!.id}/${stage}`,
        has: [stage, ...(stage === 'plan' ? kinds : []), ...(/plan|cut|sew/.test(stage) ? own : [])].map(
          (what) => `${stage}: ${what}`,
        ),
      });
    all.push({ path: `/calculator/${name}`, has: ['reckoner'] });
  }
  return all;
}

/** Whether what a view has of its own is a kind of field. */
const isField = (what: string) => {
  const [stage, is = stage] = what.split(': ');
  return is !== stage && !leaves.includes(is!);
};

/** As few of the techniques' views as show each kind of screen, each kind of field and each part of its own; or no kinds of fields. */
async function kindsOfViews(page: Page, fields = true) {
  const all = (await techniqueViews(page)).map(({ path, has }) => ({
    path,
    has: fields ? has : has.filter((what) => !isField(what)),
  }));
  const shown = new Set<string>();
  const chosen: string[] = [];
  for (;;) {
    const news = (view: (typeof all)[number]) => view.has.filter((what) => !shown.has(what)).length;
    const best = all.reduce((a, b) => (news(b) > news(a) ? b : a));
    if (news(best) === 0) return chosen;
    best.has.forEach((what) => shown.add(what));
    chosen.push(best.path);
  }
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

for (const width of [1280, 390]) {
  for (const [part, paths] of [
    ['working', workingViews],
    ['drawer', drawerViews],
    ['fullness', fullnessViews],
    ['techniques', kindsOfViews],
  ] as const) {
    // The techniques on the narrow screen, where it is tightest; what they share is looked at on both.
    if (part === 'techniques' && width !== 390) continue;
    test(`no barrier and no sideways scrolling, ${part}, ${width} px`, async ({ page }) => {
      test.setTimeout(240_000);
      await page.emulateMedia({ reducedMotion: 'reduce' });
      await page.setViewportSize({ width, height: 844 });
      // Colours are the same on either screen, and of the techniques a field has the same wherever it stands.
      const coloured =
        part === 'techniques' ? await kindsOfViews(page, false) : width === 390 ? await paths(page) : [];
      for (const path of await paths(page)) await expectOpen(page, path, coloured.includes(path));
    });
  }
}

/**
 * Opens a page with all its folds, and finds no barrier, nothing beyond its sides and no word of before. Colours are looked at
 * in both lights where the page has any of its own.
 */
async function expectOpen(page: Page, path: string, ownColours: boolean) {
  await goTo(page, path);
  await settled(page);
  await expect(page.locator('h1').first()).toBeVisible();
  await page.locator('details').evaluateAll((all) =>
    all.forEach((d) => {
      d.removeAttribute('name');
      (d as HTMLDetailsElement).open = true;
    }),
  );
  await settled(page);
  await expectNarrow(page, path);
  const said = await page.locator('body').innerText();
  expect(said.match(oldWords) ?? [], `${path} says what is called otherwise now`).toEqual([]);
  expect(await barriers(page, ownColours), path).toEqual([]);
  if (!ownColours) return;
  const light = (theme: string) =>
    page.evaluate((to) => (document.documentElement.dataset.theme = to), theme);
  await light('dark');
  expect(await barriers(page, 'colours'), `${path}, dark`).toEqual([]);
  await light('light');
}

test('what is touched is large enough, and twice the size still fits', async ({ page }) => {
  await page.setViewportSize({ width: 640, height: 400 });
  await openWorking(page, 'Valance over the seedling stall', 'Plan');
  await expect(page.getByRole('region', { name: 'To cut' })).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(640);
  const small = await page
    .locator('main button:not(.what), main a.btn, main input.entry, main select, summary, .thread a')
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
