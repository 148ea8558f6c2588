import { expect, openWorking, scrolledTo, test } from './house';

test('ways of one piece stand together, are compared, and choosing one lays the others aside, with undo', async ({
  page,
}) => {
  await page.goto('/');
  const day = page.getByRole('region', { name: 'Allotment open day' });
  await scrolledTo(page, day);
  await expect(day.getByText('3 options for one part')).toBeVisible();
  await day.getByText('Compare options').click();
  const ways = day.getByRole('region', { name: 'Options for this part' });
  await expect(ways.getByRole('row')).toHaveCount(4);
  await expect(ways.getByRole('row', { name: /Valance over the seedling stall/ })).toContainText('157.5 cm');

  // What not enough is the thread of the first way; the foot takes a third of it.
  const short = page.getByRole('region', { name: 'To buy' });
  await expect(short).toContainText('buy 1 spool of 100 m');
  await ways.getByRole('button', { name: 'Choose Valance, tried with the gathering foot' }).click();
  await expect(ways.getByText('chosen', { exact: true })).toBeVisible();
  await expect(day.getByText('not chosen')).toHaveCount(2);
  await expect(short).toHaveCount(0);

  await page.getByRole('button', { name: 'Undo' }).last().click();
  await expect(day.getByText('not chosen')).toHaveCount(0);
  await expect(short).toBeVisible();
});

test('another way is begun from the plan with what both are asked', async ({ page }) => {
  await openWorking(page, 'Tea-towel ruffle', 'Plan');
  await page.getByRole('button', { name: 'Compare another technique' }).click();
  await page.getByRole('menuitem', { name: 'Gathering with a gathering foot' }).click();
  const ways = page.getByRole('region', { name: 'Options for this part' });
  await expect(ways.getByRole('row')).toHaveCount(3);
  await expect(page.getByRole('region', { name: 'To cut' })).toBeVisible();
  await page.keyboard.press('Control+z');
  await page.goto('/');
  await expect(page.getByText('2 ways of doing one piece')).toHaveCount(0);
});

test('two of the compared methods begin as options of one part, and cut what stood there', async ({
  page,
}) => {
  await page.goto('/');
  const smock = page.getByRole('region', { name: 'Twirling smock' });
  await scrolledTo(page, smock);
  await smock.getByRole('button', { name: 'Add a part' }).click();
  // Who does not know yet is told first.
  await expect(page.getByRole('menuitem').first()).toContainText('Not sure?');
  await page.getByRole('menuitem').first().click();
  await page.getByRole('textbox', { name: 'Finished length' }).fill('94 cm');
  const way = (name: string) => page.getByRole('listitem').filter({ hasText: name }).last();
  const cloth = (name: string) =>
    way(name).getByText('Fabric', { exact: true }).locator('xpath=following-sibling::dd[1]').innerText();
  await way('a gathering foot').getByRole('checkbox').check();
  await way('pulled threads: three').getByRole('checkbox').check();
  const [pulled, foot] = [await cloth('pulled threads: three'), await cloth('a gathering foot')];
  await page.getByRole('button', { name: 'Start these 2 as options of one part' }).click();
  const ways = page.getByRole('region', { name: 'Options for this part' });
  await expect(ways.getByRole('row')).toHaveCount(3);
  await expect(ways).toContainText(pulled);
  await expect(ways).toContainText(foot);
});

test('a part that was finished is sewn again with all that was set, and three swatches are recorded in one go', async ({
  page,
}) => {
  await openWorking(page, 'Curtain across the shelves', 'Finish');
  await page.getByRole('button', { name: 'Sew this again' }).click();
  await expect(page.getByRole('heading', { name: 'Curtain across the shelves, again' })).toBeVisible();
  await expect(page.getByRole('textbox', { name: 'Finished length' })).toHaveValue(/94 cm/);
  await expect(page.getByText('zigzag over', { exact: false }).first()).toBeVisible();

  await openWorking(page, 'Valance, tried on the overlocker', 'Test swatch');
  const swatches = page.getByRole('button', { name: /^Delete swatch/ });
  await expect(swatches.first()).toBeVisible();
  const before = await swatches.count();
  await page.getByRole('button', { name: /^Record three, with stitch/ }).click();
  await expect(swatches).toHaveCount(before + 3);
});
