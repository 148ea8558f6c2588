import type { Locator } from '@playwright/test';
import { beginWorking, expect, expectSaid, kept, openHouse, openWorking, test } from './house';

const png = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAoAAAAUCAIAAAA7jDsBAAAAFUlEQVR4nGM4YWODBzGMSo9KU0saAD2N+gGI03R9AAAAAElFTkSuQmCC',
  'base64',
);

test('a foot nobody has described, on a cloth never used before: three swatches say what to cut, and how sure that is', async ({
  page,
}) => {
  // What this foot does to this cloth: 1.62 at stitch 4, a tenth more for each step of tension.
  const becomes = ['18.5 cm', '17.2 cm', '16.9 cm'];
  const house = await openHouse('--empty');
  await beginWorking(
    page,
    'Unknown foot',
    'Gathering with a gathering foot',
    'Finished length',
    house.address,
  );
  await page.getByRole('textbox', { name: 'Finished length' }).fill('1.2 m');
  const likely = page.getByRole('region', { name: 'Expected fullness' });
  await expect(likely).toContainText('No swatches yet');
  await expect(page.getByRole('region', { name: 'To cut' })).toContainText('9 times out of 10');
  await kept(page);
  const widthOf = async () => {
    const text = (await likely.textContent())!;
    const [, low, high] = /between (\d\.\d\d) and (\d\.\d\d)/.exec(text)!;
    return Number(high) - Number(low);
  };
  const before = await widthOf();

  await page.getByRole('link', { name: 'Test swatch' }).click();
  for (const [i, gathered] of becomes.entries()) {
    if (i === 0) await page.getByRole('button', { name: 'Record a swatch' }).click();
    else await page.getByRole('button', { name: 'Record another swatch' }).click();
    const swatch = page.getByRole('listitem', { name: `Swatch ${i + 1}` });
    await expect(swatch.getByLabel('Flat')).toBeFocused();
    await page.keyboard.type('30');
    await page.keyboard.press('Enter');
    await page.keyboard.type(gathered);
    await page.keyboard.press('Enter');
    await expect(likely).toContainText(`Based on ${i + 1} swatch`);
  }
  await expect(likely.getByText('Dashed')).toBeVisible();
  expect(await widthOf()).toBeLessThan(before / 3);
  await expect(page.getByRole('region', { name: 'How the estimate has improved' })).toContainText('after 3');
  await expect(page.getByRole('region', { name: 'The next swatch' })).toContainText('narrow');

  // The third is sewn with two changes at once, which earns a note; a reading that is wrong is odd, and can be left out.
  const third = page.getByRole('listitem', { name: 'Swatch 3' });
  await third.getByLabel(/^Stitch/).fill('4.5');
  await third.getByLabel(/^Tension/).fill('2');
  await third.getByLabel('Note').click();
  await expect(third.getByText(/changed 2 things/)).toBeVisible();
  await page.getByRole('button', { name: 'Record another swatch' }).click();
  const fourth = page.getByRole('listitem', { name: 'Swatch 4' });
  await fourth.getByLabel('Flat').fill('30 cm');
  await fourth.getByLabel('Gathered').fill('9 cm');
  await fourth.getByLabel('Gathered').press('Enter');
  await expect(fourth.getByText(/very different/)).toBeVisible();
  await fourth.getByLabel('Use in estimates').uncheck();
  await expect(likely).toContainText('1 swatch not used');

  await page.getByRole('link', { name: 'Cut', exact: true }).click();
  const toCut = page.getByRole('region', { name: 'To cut' });
  await expect(toCut).toContainText('Total flat length');
  const flat = async () => Number(/Total flat length([\d.]+) m/.exec((await toCut.textContent())!)![1]);
  const atNine = await flat();
  await page.getByRole('radio', { name: '19 times out of 20' }).check();
  await expect.poll(flat).toBeGreaterThan(atNine);
  await expect(toCut).toContainText('Likely left over to trim');
  await page.getByRole('button', { name: 'Lock the cutting list' }).click();
  await expect(page.getByText('based on 4 swatches')).toBeVisible();

  // What the piece itself came to is one more sample for the next.
  await page.getByRole('link', { name: 'Finish', exact: true }).click();
  const piece = page.getByRole('region', { name: 'The piece itself' });
  await piece.getByLabel('Flat').fill('2 m');
  await piece.getByLabel('Gathered').fill('1.21 m');
  await piece.getByRole('button', { name: 'Save it' }).click();
  await expect(piece).toContainText('2 m became 121 cm');
  house.stop();
});

test('half way at a foot: the first third says whether the rest will reach, and what to alter', async ({
  page,
}) => {
  await openWorking(page, 'Valance, tried with the gathering foot', 'Sew');
  await page.getByText('Gather to the first mark, and measure').click();
  const half = page.getByLabel(/What did the first third become/);
  await half.fill('120 cm');
  await expect(page.getByText(/may be no fuller than|would still fit/)).toBeVisible();
  await half.fill('70 cm');
  await expect(page.getByText(/What is sewn came to 2\.\d\d/)).toBeVisible();
  await kept(page);
});

test('shirring: which row wants a new bobbin, and a panel that will not pass', async ({ page }) => {
  await openWorking(page, 'Smock’s shirred back', 'Plan');
  const toCut = page.getByRole('region', { name: 'To cut' });
  await expect(toCut).toContainText('One bobbin sews8 to 10 rows');
  await page.getByText('Body measurements').click();
  await page.getByRole('textbox', { name: 'Must stretch over' }).fill('75 cm');
  await expect(toCut.getByText(/Stop: It opens to 62.3 cm at most/)).toBeVisible();
  // It passes as it is cut, and not as it may be imported.
  await page.getByRole('textbox', { name: 'Must stretch over' }).fill('62 cm');
  await expect(toCut.getByText(/taken in to 30 cm, only to 60 cm/)).toBeVisible();
  await page.getByRole('radio', { name: 'looper (overlocker)' }).check();
  await expect(toCut).not.toContainText('One bobbin sews');
  await kept(page);
});

test('which way: an edge, a purpose, the best first, and a working begun like that', async ({ page }) => {
  await page.goto('/calculator/which-way');
  await page.getByRole('textbox', { name: 'Finished length' }).fill('94 cm');
  const best = page.getByRole('listitem').filter({ hasText: 'Best choice' });
  await expect(best).toContainText('pulled threads');
  await page.getByRole('radio', { name: 'shows small, even folds' }).check();
  await expect(best).toContainText('a ruffler');
  await expect(best).toContainText('in your supplies');
  const ways = page.getByRole('listitem').filter({ hasText: 'Time' });
  const takes = (way: Locator) =>
    way.getByText('Fabric', { exact: true }).locator('xpath=following-sibling::dd[1]');
  const pulled = ways.filter({ hasText: 'pulled threads: three' });
  const cloth = await takes(pulled).innerText();
  await pulled.getByRole('link', { name: 'Calculate this one' }).click();
  // As much there as it said here.
  await expect(page.getByRole('region', { name: 'To cut' })).toContainText(`Fabric needed${cloth}`);
  await page.goBack();
  const folded = await takes(best).innerText();
  await best.getByRole('link', { name: 'Calculate this one' }).click();
  await expectSaid(page, 'Finished length', '94 cm');
  await expect(page.getByRole('region', { name: 'To cut' })).toContainText('Pleat depth');
  await expect(page.getByRole('region', { name: 'To cut' })).toContainText(`Fabric needed${folded}`);
});

test('the swatch book: filtered, side by side, read along the plot by key and as a table', async ({
  page,
}) => {
  await page.goto('/swatches');
  await page.getByLabel('Technique').selectOption({ label: 'gathering with a foot (4)' });
  await expect(page.getByText('4 swatches match')).toBeVisible();
  const tiles = page.getByRole('region', { name: 'Swatches' }).getByRole('listitem');
  await expect(tiles).toHaveCount(4);
  await expect(tiles.first()).toContainText('simulated');
  for (const i of [0, 1]) await tiles.nth(i).getByRole('checkbox').check();
  const beside = page.getByRole('region', { name: 'Side by side' });
  await expect(beside).toContainText('1 setting differs');
  await expect(beside.getByRole('row', { name: /differs: Stitch/ })).toBeVisible();

  const plot = page.getByRole('region', { name: 'Plot' });
  await plot.getByRole('slider').focus();
  await page.keyboard.press('ArrowRight');
  await expect(plot.getByText(/1\.\d\d × fullness at stitch 4 mm/)).toBeVisible();
  await plot.getByRole('radio', { name: 'unusual swatches' }).check();
  await expect(plot.getByText('How far each differs')).toBeVisible();
  await plot.getByText('Show as a table').click();
  await expect(plot.getByRole('row', { name: /odd/ })).toHaveCount(1);
  await plot.getByRole('radio', { name: 'tension' }).check();
  await expect(plot.locator('text', { hasText: 'tension, steps from normal' })).toBeVisible();

  await page.getByLabel('Words').fill('finger');
  await expect(tiles).toHaveCount(1);
  await page.getByLabel('Words').fill('no such words');
  await expect(page.getByText('No swatches match.')).toBeVisible();
});

test('a swatch by itself, with a photograph; a file that is none is refused in a sentence', async ({
  page,
}) => {
  await page.goto('/swatches');
  await page.getByRole('button', { name: 'Record a swatch' }).click();
  const swatch = page.getByRole('listitem', { name: 'Swatch' });
  await swatch.getByLabel('Flat').fill('30');
  await swatch.getByLabel('Flat').press('Enter');
  await page.keyboard.type('16');
  await page.keyboard.press('Enter');
  await expect(swatch.getByText('1.88', { exact: true })).toBeVisible();
  const file = swatch.locator('input[type=file]');
  await file.setInputFiles({ name: 'swatch.png', mimeType: 'image/png', buffer: png });
  await expect(swatch.getByRole('img', { name: 'Swatch, photograph 1' })).toBeVisible();
  await file.setInputFiles({ name: 'swatch.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('no picture') });
  await expect(swatch.getByRole('alert')).toHaveText('Not saved. Please choose a JPEG, PNG or WebP photo.');
  await swatch.getByRole('button', { name: 'Delete photograph 1' }).click();
  await expect(swatch.getByRole('img', { name: 'Swatch, photograph 1' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(swatch.getByRole('img', { name: 'Swatch, photograph 1' })).toBeVisible();
});
