import type { Page } from '@playwright/test';
import { expect, expectNarrow, goTo, kept, settled, test } from './house';

/** What is looked at here is one suite for every technique: it is driven by what each of them declares. */
type Described = {
  name: string;
  title: string;
  begin: string;
  first: { field: string };
  fields: { name: string; label: string; isNeeded: boolean; kind: string; start: unknown }[];
  stages: { name: string; title: string }[];
  swatch: { readings: { name: string; label: string; isNeeded: boolean }[] };
};
type Plan = {
  facts: { name: string; text: string }[];
  pieces: { key: string; length: { text: string }; depth: { text: string } }[];
  steps: { key: string; title: string; says: string }[];
};

const get = async <T>(page: Page, path: string): Promise<T> =>
  (await (await page.request.get(`/api/${path}`)).json()) as T;

async function techniques(page: Page): Promise<Described[]> {
  const list = await get<{ name: string; begin: string }[]>(page, 'techniques');
  return Promise.all(
    list.map(async ({ name, begin }) => ({ begin, ...(await get<Described>(page, `techniques/${name}`)) })),
  );
}

/** The first working of each technique that the demonstration has. */
async function workings(page: Page) {
  const bench = await get<{ projects: { workings: { id: string; technique: string; name: string }[] }[] }>(
    page,
    'bench',
  );
  const all = bench.projects.flatMap((p) => p.workings);
  return (await techniques(page)).map((technique) => ({
    technique,
    working: all.find((w) => w.technique === technique.title)!,
  }));
}

const glyphs = { '½': '1/2', '¼': '1/4', '¾': '3/4', '⅛': '1/8', '⅜': '3/8', '⅝': '5/8', '⅞': '7/8' };

/** The two figures of a size as they stand beside one unit: where one is in mm and the other in cm, both are in cm. */
function sizeOf({ length, depth }: Plan['pieces'][number]) {
  const said = [length.text, depth.text].map(
    (t) => [t.split(' ').slice(0, -1).join(''), t.split(' ').at(-1)!] as const,
  );
  const times: Record<string, number> = { mm: 0.1, cm: 1, m: 100 };
  const [[, one], [, other]] = said as [(typeof said)[0], (typeof said)[0]];
  return one !== other && times[one] && times[other]
    ? said.map(([figure, unit]) => String(Math.round(Number(figure) * times[unit]! * 1000) / 1000))
    : said.map(([figure]) => figure);
}

/** A text without its blanks, and with its fractions written out however the screen sets them. */
const bare = (text: string | null) =>
  Object.entries(glyphs).reduce(
    (all, [glyph, fraction]) => all.replaceAll(glyph, fraction),
    (text ?? '').replace(/\s+/g, ''),
  );

test('every technique is begun from the bench with the keys alone, and asks for what it misses', async ({
  page,
}) => {
  test.setTimeout(180_000);
  const pressed = new Set<string>();
  for (const { begin, first, fields, stages } of await techniques(page)) {
    await goTo(page, '/');
    const trigger = page.getByRole('button', { name: 'Add a part' }).first();
    // It waits for the techniques that it offers, and until then no key reaches it.
    await expect(trigger).toBeEnabled();
    await trigger.focus();
    await page.keyboard.press('Enter');
    const item = page.getByRole('menuitem', { name: new RegExp(`^${begin}`) }).first();
    for (let i = 0; i < 20 && !(await item.evaluate((e) => e === document.activeElement)); i++)
      await page.keyboard.press('ArrowDown');
    await page.keyboard.press('Enter');
    await expect(page).toHaveURL(/\/parts\/.*\/plan$/);

    const asked = fields.find((f) => f.name === first.field)!;
    const needed = fields.filter((f) => f.isNeeded && f.start === null && f.kind !== 'groups');
    await expect(page.getByText(/^(How|Still needed)/).first()).toBeVisible();
    for (const field of [asked, ...needed.filter((f) => f !== asked)]) {
      const entry = page.getByRole('textbox', { name: field.label, exact: true });
      await entry.focus();
      const figure = asked.label.startsWith('Tear')
        ? '12 mm'
        : ({ number: '2', fine: '3 mm' }[field.kind] ?? '30 cm');
      // Key by key once; each reckons and draws anew.
      if (field === asked) await page.keyboard.type(figure);
      else await entry.fill(figure);
    }
    // A line is put together part by part.
    const part = page.getByRole('button', { name: 'Add a straight' });
    if (await part.isVisible()) {
      await part.focus();
      await page.keyboard.press('Enter');
    }
    // What another field makes needed is said where the answer will stand.
    await expect(async () => {
      const missing = (await page.getByText(/^Still needed: /).allTextContents()).join();
      for (const { label } of fields.filter((f) => missing.includes(f.label.toLowerCase()))) {
        const entry = page.getByRole('textbox', { name: label, exact: true });
        if ((await entry.isVisible()) && !(await entry.inputValue())) await entry.fill('30 cm');
      }
      await expect(page.getByRole('region', { name: /^(To cut|You need|Results)$/ })).toBeVisible({
        timeout: 1000,
      });
    }).toPass({ timeout: 40_000 });
    await kept(page);

    // It has its stages and no others. Each is a key away: pressed for each row of stages that there is.
    await expect(page.getByRole('navigation', { name: 'Stages' }).getByRole('link')).toHaveCount(
      stages.length,
    );
    const row = stages.map((s) => s.name).join();
    if (pressed.has(row)) continue;
    pressed.add(row);
    await page.locator('body').click({ position: { x: 2, y: 2 } });
    for (const [i, stage] of stages.entries()) {
      await page.keyboard.press(`${i + 1}`);
      await expect(page.getByRole('link', { name: stage.title, exact: true })).toHaveAttribute(
        'aria-current',
        'step',
      );
    }
  }
});

// In inches on a telephone, where nothing of any technique is wider than the screen either.
for (const [units, width] of [
  ['metric', 1280],
  ['imperial', 390],
] as const) {
  test(`what is cut is the same on every screen, on paper and in the step, ${units}`, async ({ page }) => {
    test.setTimeout(180_000);
    await page.setViewportSize({ width, height: 800 });
    const { version } = await get<{ version: number }>(page, 'workroom');
    const set = (to: string, at: number) =>
      page.request.patch('/api/workroom', { headers: { 'If-Match': `"${at}"` }, data: { units: to } });
    await set(units, version);
    for (const { technique, working } of await workings(page)) {
      const kept = await get<{ ask: object }>(page, `workings/${working.id}`);
      const plan = (await (
        await page.request.post(`/api/workings/${working.id}/reckon?units=${units}&with=steps`, {
          data: kept.ask,
        })
      ).json()) as Plan;
      const [piece] = plan.pieces;
      // Of a piece that is there nothing is cut: then what it comes to is held in its stead.
      const figures = piece ? sizeOf(piece) : plan.facts.map((f) => bare(f.text));
      for (const stage of technique.stages.filter((s) => s.name === 'plan' || s.name === 'cut')) {
        await goTo(page, `/parts/${working.id}/${stage.name}`);
        const region = page.getByRole('region', { name: /^(To cut|You need|Results)$/ });
        await expect(region).toBeVisible();
        for (const figure of figures) {
          await expect
            .poll(async () => bare(await region.textContent()), {
              message: `${technique.name} ${stage.name}`,
            })
            .toContain(figure.replace(' ', ''));
        }
        await expectNarrow(page, technique.name);
        const shown = bare(await region.textContent());
        for (const fact of plan.facts)
          expect(shown, `${technique.name} ${fact.name}`).toContain(bare(fact.text));
        if (stage.name === 'cut') await onPaper(page, plan, figures, technique.name);
      }
      await goTo(page, `/parts/${working.id}/sew`);
      const steps = page.locator('ol > li.sheet');
      await expect(steps).toHaveCount(plan.steps.length);
      await expectNarrow(page, technique.name);
      await onPaper(page, plan, figures, technique.name);
      const said = (await steps.allTextContents()).map(bare);
      for (const [i, step] of plan.steps.entries())
        for (const text of [step.title, step.says]) expect(said[i], step.key).toContain(bare(text));
    }
    const now = await get<{ version: number }>(page, 'workroom');
    await set('metric', now.version);
  });
}

/** The paper alone is enough to sew from: what is cut, every figure of the plan, every step with all it says. */
async function onPaper(page: Page, plan: Plan, figures: string[], name: string) {
  const sheet = page.getByTestId('cut-sheet');
  await page.emulateMedia({ media: 'print' });
  await expect(sheet).toBeVisible();
  // The sheet is there before the workroom has said its units.
  await expect
    .poll(async () => bare(await sheet.textContent()), { message: name })
    .toContain(figures[0]!.replace(' ', ''));
  const paper = bare(await sheet.textContent());
  for (const figure of figures) expect(paper, name).toContain(figure.replace(' ', ''));
  for (const fact of plan.facts) expect(paper, `${name} ${fact.name}`).toContain(bare(fact.text));
  for (const step of plan.steps) expect(paper, `${name} ${step.key}`).toContain(bare(step.says));
  await page.emulateMedia({ media: 'screen' });
}

test('every step has its picture, with what matters lit up', async ({ page }) => {
  test.setTimeout(120_000);
  for (const { technique, working } of await workings(page)) {
    await goTo(page, `/parts/${working.id}/sew`);
    await expect(page.getByLabel('Name of this part')).toHaveValue(working.name);
    const steps = page.locator('ol > li.sheet');
    await expect(steps.first()).toBeVisible();
    expect(await steps.evaluateAll(openEach), technique.name).toEqual([]);
  }
});

/** Opens one step after another as one would, and says which has no picture then, or one in which nothing is lit. */
async function openEach(steps: Element[]): Promise<string[]> {
  const wrong: string[] = [];
  for (const [i, step] of steps.entries()) {
    const details = step.querySelector('details')!;
    const picture = () => step.querySelector('[data-picture] svg');
    // The plan may be reckoned once more meanwhile, and then the step that is reached opens.
    for (let frame = 0; frame < 300 && !(details.open && picture()?.checkVisibility()); frame++) {
      if (!details.open) details.querySelector('summary')!.click();
      await new Promise(requestAnimationFrame);
    }
    if (!picture()?.checkVisibility()) wrong.push(`step ${i + 1} has no picture`);
    else if (!step.querySelector('[data-picture] g.lit')) wrong.push(`step ${i + 1}: nothing is lit`);
  }
  return wrong;
}

test('the swatch of every technique asks for its own readings, and says what it came to', async ({
  page,
}) => {
  test.setTimeout(120_000);
  for (const { technique, working } of await workings(page)) {
    await goTo(page, `/parts/${working.id}/sample`);
    await expect(page.getByLabel('Name of this part')).toHaveValue(working.name);
    await expect(page.getByRole('region', { name: 'The swatch to cut' })).toBeVisible();
    const swatches = page.getByRole('listitem', { name: /^Swatch \d/ });
    const before = await swatches.count();
    await page.getByRole('button', { name: /^Record (a|another) swatch$/ }).click();
    await expect(swatches).toHaveCount(before + 1);
    const swatch = swatches.last();
    for (const reading of technique.swatch.readings) {
      await expect(swatch.getByLabel(reading.label, { exact: true })).toBeVisible();
    }
    const needed = technique.swatch.readings.filter((r) => r.isNeeded);
    for (const [i, reading] of needed.entries()) {
      await swatch
        .getByLabel(reading.label, { exact: true })
        .fill(needed.length === 1 ? '9 mm' : `${30 - i * 7} cm`);
    }
    await swatch.getByLabel(needed.at(-1)!.label, { exact: true }).press('Enter');
    await expect(swatch.locator('.fig').nth(1), technique.name).toHaveText(/^\d+(\.\d+)?( mm| %)?$/);
    await kept(page);
    await page.getByRole('button', { name: /^Undo/ }).click();
    await settled(page);
  }
});
