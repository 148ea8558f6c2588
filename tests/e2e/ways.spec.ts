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
