import { barriers, expect, expectNarrow, goTo, kept, openSearch, openWorking, settled, test } from './house';

test('a fault of the demonstration is traced in three presses at the machine on a telephone, and thought of sooner', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openWorking(page, 'Smock’s shirred back', 'Sew');
  await page.getByRole('link', { name: 'Open step-by-step view' }).click();
  await page.getByRole('link', { name: 'Something wrong?' }).click();
  await page.getByRole('button', { name: /^elastic lies in loops/ }).click();
  const first = page.getByRole('region', { name: 'Try this first' });
  await expect(first).toContainText('Put the bobbin in again, elastic in its slot.');
  await expectNarrow(page, 'the fault finder');
  await settled(page);
  expect(await barriers(page)).toEqual([]);
  await first.getByRole('button', { name: 'It is gone' }).click();
  await expect(page.getByText('It is kept with this part')).toBeVisible();
  await kept(page);
  await page.getByRole('link', { name: 'Back to the part' }).click();
  await expect(page).toHaveURL(/machine$/);
});

test('by keys: what was tried narrows it down, survives a reload, and a look of a swatch opens it', async ({
  page,
}) => {
  await page.goto('/');
  await (await openSearch(page)).fill('loops underneath');
  await expect(page.getByRole('option').first()).toContainText('loops underneath');
  await page.keyboard.press('Enter');
  const first = page.getByRole('region', { name: 'Try this first' });
  await expect(first).toContainText('Thread the needle again with the foot up.');
  await first.getByRole('button', { name: 'The same' }).press('Enter');
  await expect(first).not.toContainText('Thread the needle again');
  await page.reload();
  const causes = page.getByRole('region', { name: 'Likely causes' });
  await expect(causes).toContainText('Thread the needle again with the foot up. The same.');
  // What was pressed by mistake is taken back.
  await causes.getByRole('button', { name: /^Take back: Thread the needle/ }).press('Enter');
  await expect(first).toContainText('Thread the needle again');
  // What is known beside it bears on it.
  await page.getByText('What you know beside that').first().press('Enter');
  await page.getByLabel('Needle tension off the settings').first().fill('-2');
  await expect(causes.getByRole('listitem').first()).toContainText('The needle tension is too loose.');
  await expect(causes).toContainText('looser than the settings card says');

  await openWorking(page, 'Valance, tried with the gathering foot', 'Test swatch');
  await page.getByRole('link', { name: 'Find what is behind it' }).first().press('Enter');
  await expect(first).toBeVisible();
  await goTo(page, '/faults?part=01a1dc8c-0a10-7c2d-9e4f-000000000000');
  await expect(page.getByText('There is no such part.')).toBeVisible();
});
