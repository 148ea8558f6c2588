import { expect, kept, openWorking, test } from './house';

test('a tear typed on its own drawing, blocks in their order, and a swatch that says what to set', async ({
  page,
}) => {
  await openWorking(page, 'Elbow of the potting smock', 'Plan');
  await expect(page.getByRole('link', { name: 'Cut', exact: true })).toHaveCount(0);
  const take = page.getByRole('region', { name: 'You need' });
  await expect(take).toContainText('5 × 1');
  await expect(take).toContainText('Set the foot to25 mm');

  // The figure is typed where it stands on the drawing, by keyboard alone.
  const stated = page.getByRole('button', { name: /^Tear length: / });
  await stated.focus();
  await page.keyboard.press('Enter');
  await page.keyboard.type('20 mm');
  await page.keyboard.press('Enter');
  await expect(take).toContainText('5 × 2');
  await expect(take).toContainText('It takes 10 blocks.');
  await page.getByRole('radio', { name: 'yes' }).check();
  await expect(take).toContainText('5 × 1');
  await kept(page);

  await expect(page.getByRole('region', { name: 'Thread on this fabric' })).toContainText('strong flax');

  await page.getByRole('radio', { name: 'free-motion' }).check();
  await expect(take).toContainText('Lines along');
  await expect(take).toContainText('A hoop of, inside');
  await page.getByRole('radio', { name: 'built-in darning program' }).check();

  // One block more is measured: what to set follows from all of them.
  await page.getByRole('link', { name: 'Test swatch', exact: true }).click();
  const swatches = page.getByRole('listitem', { name: /^Swatch \d/ });
  await expect(swatches).toHaveCount(2);
  await page.getByRole('button', { name: 'Record another swatch' }).click();
  const third = page.getByRole('listitem', { name: 'Swatch 3' });
  await third.getByLabel(/^Set length/).fill('30');
  await third.getByLabel('Actual length').fill('28.6 mm; 28.8 mm');
  await third.getByLabel('Actual length').press('Enter');
  await expect(third).toContainText('0.957');
  await expect(third).toContainText('of the length that was set');
  await expect(page.getByRole('region', { name: 'How the estimate has improved' })).toContainText('after 3');

  // At the machine each block is a step, with its picture and its place.
  await page.getByRole('link', { name: 'Sew', exact: true }).click();
  await page.getByText('Block 2 of 5', { exact: true }).click();
  await expect(page.getByText(/From the top left corner mark 4 mm to the right/)).toBeVisible();
  await expect(page.locator('[data-picture="darn"] .lit').filter({ visible: true }).first()).toBeVisible();
});

test('what it is decides what serves: along a seam it is not darned', async ({ page }) => {
  await page.goto('/calculator/darning?tearWidth=8+mm&tearLength=10+mm');
  const take = page.getByRole('region', { name: /^(You need|Results)$/ });
  await expect(take).toContainText('Darn it over a backing.');
  await page.getByRole('radio', { name: 'along a seam' }).check();
  await expect(take).toContainText('Sew the seam again, past both ends.');
  await page.getByRole('radio', { name: 'in a knit' }).check();
  await expect(take).toContainText('take a stretch needle');
});
