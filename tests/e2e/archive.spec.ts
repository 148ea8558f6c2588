import { readFileSync } from 'node:fs';
import { expect, kept, openHouse, scrolledTo, test } from './house';

test('everything goes out in one file, and comes into an empty house with one undo', async ({
  page,
  house,
}) => {
  await page.goto(`${house.address}/workroom`);
  const all = page.getByRole('region', { name: 'Export and import' });
  const coming = page.waitForEvent('download');
  await all.getByRole('link', { name: 'Export everything' }).click();
  const file = await coming;
  expect(file.suggestedFilename()).toMatch(/^everything-\d{4}-\d\d-\d\d\.zip$/);
  const zip = { name: 'put-by.zip', mimeType: 'application/zip', buffer: readFileSync(await file.path()) };

  // All of it already here.
  await all.getByLabel('Import').setInputFiles(zip);
  await expect(all.getByText('Everything in it is already here.')).toBeVisible();

  const empty = await openHouse('--empty');
  await page.goto(`${empty.address}/workroom`);
  await all.getByLabel('Import').setInputFiles({ ...zip, buffer: Buffer.from('a letter') });
  await expect(all.getByRole('alert')).toContainText('This isn’t a Zephyr Reach export');
  await all.getByLabel('Import').setInputFiles(zip);
  const would = all.getByRole('region', { name: 'Contents of put-by.zip' });
  await expect(would.getByRole('row', { name: /^projects/ })).toContainText('7');
  await would.getByRole('button', { name: 'Import it' }).click();
  await expect(page.getByText(/records brought in/)).toBeVisible();
  await kept(page);
  await page.getByRole('link', { name: 'Projects', exact: true }).click();
  await scrolledTo(page, page.getByRole('region', { name: 'Twirling smock', exact: true }));
  await expect(page.getByRole('region', { name: 'Twirling smock', exact: true })).toBeVisible();

  // What was changed since stands against it, and both can be had.
  const sheet = page.getByRole('region', { name: 'Twirling smock', exact: true });
  await sheet.getByLabel('Name of the project').fill('Whirling smock');
  await kept(page);
  await page.goto(`${empty.address}/workroom`);
  await all.getByLabel('Import').setInputFiles(zip);
  await all.getByRole('radio', { name: 'keep both' }).click();
  await would.getByRole('button', { name: 'Import it' }).click();
  await expect(page.getByText(/records brought in/)).toBeVisible();
  await page.getByRole('link', { name: 'Projects', exact: true }).click();
  await scrolledTo(page, page.getByRole('region', { name: 'Twirling smock (brought in)' }));
  await expect(page.getByRole('region', { name: 'Twirling smock (brought in)' })).toBeVisible();
  await scrolledTo(page, page.getByRole('region', { name: 'Whirling smock', exact: true }));
  await expect(page.getByRole('region', { name: 'Whirling smock', exact: true })).toBeVisible();
  await page.getByRole('button', { name: /^Undo: an archive brought in/ }).click();
  await expect(page.getByRole('region', { name: 'Twirling smock (brought in)' })).toHaveCount(0);

  // A project goes out by itself.
  const alone = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Export Whirling smock as a file' }).click();
  expect((await alone).suggestedFilename()).toMatch(/^Whirling-smock-/);
  empty.stop();
});
