import { barriers, expect, expectNarrow, goTo, scrolledTo, settled, test } from './house';

test('a project is laid out on its fabrics, cut in one press by the keys, undone, ticked and printed', async ({
  page,
}) => {
  await page.goto('/');
  const sheet = page.getByRole('region', { name: 'Tea-tent runner', exact: true });
  await scrolledTo(page, sheet);
  await sheet.getByRole('link', { name: 'Cutting table' }).press('Enter');
  const sheeting = page.getByRole('region', { name: 'tea-tent sheeting', exact: true });
  // Three panels 154 cm long lie side by side, and the field beside them; by itself each part takes more.
  const much = page.getByRole('region', { name: 'How much of tea-tent sheeting' });
  await expect(much).toContainText('154 cm');
  await expect(much).toContainText('Less cannot do.');
  await expect(much).toContainText('63 cm');
  await expect(
    sheeting.getByRole('row', { name: 'A 2 of 17 × 154 cm outer panels Bridges along the runner' }),
  ).toBeVisible();

  // A piece that is put elsewhere by the keys is pinned there, and goes back once it is let go.
  await sheeting.getByRole('button', { name: /^Piece C/ }).press('Shift+ArrowDown');
  await expect(much.getByText('Pinned: C')).toBeVisible();
  await expect(sheeting.getByRole('button', { name: /^Piece C, pinned/ })).toBeVisible();
  await sheeting.getByRole('button', { name: /^Piece C, pinned/ }).press('t');
  await expect(sheeting.getByText('154 cm from the cut end').first()).toBeHidden();
  await much.getByRole('button', { name: 'Let C go' }).press('Enter');
  await expect(much.getByText('Pull a piece to where you want it')).toBeVisible();

  await much.getByRole('radio', { name: 'tear or rotary cutter' }).press('Space');
  await sheeting.getByText('In the order of cutting').press('Enter');
  await expect(sheeting.getByText('across, at 154 cm from the cut end')).toBeVisible();
  await sheeting.getByRole('checkbox').first().press('Space');
  await expect(sheeting.getByText('1 of 4 cut')).toBeVisible();
  await settled(page);
  expect(await barriers(page)).toEqual([]);

  await page.emulateMedia({ media: 'print' });
  await expect(sheeting.getByText('from the selvedge').first()).toBeVisible();
  await expect(much.getByRole('button', { name: 'Print' })).toBeHidden();
  await page.emulateMedia({ media: 'screen', colorScheme: 'dark' });
  await page.setViewportSize({ width: 390, height: 844 });
  await settled(page);
  await expectNarrow(page, 'the cutting table');
  expect(await barriers(page, 'colours')).toEqual([]);
  await page.setViewportSize({ width: 1280, height: 800 });

  await much.getByRole('button', { name: 'I have cut it: lock all 2 lists' }).press('Enter');
  const notice = page.getByText(/^Locked: Bridges along the runner, Rows across the runner’s middle\./);
  await expect(notice).toContainText('2 remnants added to your supplies.');
  await expect(page.getByText('Everything is cut.')).toBeVisible();
  await page.getByRole('button', { name: 'Undo', exact: true }).press('Enter');
  await expect(much).toContainText('154 cm');

  await goTo(page, '/projects/01a1dc8c-0a10-7c2d-9e4f-000000000000/cutting');
  await expect(page.getByText('There is no such project.')).toBeVisible();
});
