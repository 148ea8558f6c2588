import { expect, kept, openHouse, openWorking, test } from './house';

test('a first drawer: one machine and some feet, adjusted, unknown where it is unknown, kept through a reload', async ({
  page,
}) => {
  const house = await openHouse('--empty');
  try {
    await page.goto(`${house.address}/drawer`);
    await page.getByRole('button', { name: 'Add machines' }).click();
    await page.getByRole('checkbox', { name: /home zigzag machine/ }).check();
    await page.getByRole('button', { name: 'Add', exact: true }).click();
    await page.getByLabel('Name of this machine').fill('window machine');
    await page.getByLabel('Normal tension').fill('5');
    await expect(page.getByRole('img', { name: 'Tension dial, 0 to 9; normal is 5.' })).toBeVisible();
    await page.getByLabel('Needle-plate opening').fill('wide');
    await expect(page.getByText(/is not a number/)).toBeVisible();
    await page.reload();
    await expect(page.getByLabel('Needle-plate opening')).toHaveValue('wide');
    await page.getByLabel('Needle-plate opening').fill('');
    await page
      .getByLabel('Programmed darning')
      .or(page.getByLabel('Has a darning program'))
      .selectOption('leave blank');
    await kept(page);

    await page.getByRole('link', { name: 'My supplies' }).click();
    await page.getByRole('link', { name: /^feet/ }).click();
    await page.getByRole('button', { name: 'Add feet' }).click();
    for (const name of [/all-purpose snap-on foot/, /satin foot/, /cording foot/, /gathering foot/])
      await page.getByRole('checkbox', { name }).first().check();
    await page.getByRole('button', { name: 'Add these 4' }).click();
    await expect(page.getByRole('listitem').filter({ hasText: 'cording foot' })).toBeVisible();

    await page.goto(`${house.address}/drawer/ask?technique=darning-programmed`);
    await expect(page.getByText('Could not check: whether it darns by itself is not known.')).toBeVisible();
    await page.goto(`${house.address}/drawer/ask?technique=pulled-gathers`);
    await expect(page.getByText('dial 4', { exact: true })).toBeVisible();
  } finally {
    house.stop();
  }
});

test('a foot is adjusted on its own drawing, by key and by pulling, and an undo takes it back', async ({
  page,
}) => {
  await page.goto('/supplies/foot');
  await page.getByRole('link', { name: /hollow satin foot/ }).click();
  const opening = page.getByRole('slider', { name: 'Needle opening' });
  await expect(opening).toHaveAttribute('aria-valuetext', '8 mm');
  await opening.focus();
  await page.keyboard.press('ArrowLeft');
  await expect(page.getByRole('textbox', { name: 'Needle opening' })).toHaveValue('7.9 mm');
  await kept(page);
  const dot = (await opening.boundingBox())!;
  await page.mouse.move(dot.x + dot.width / 2, dot.y + dot.height / 2);
  await page.mouse.down();
  await page.mouse.move(dot.x + dot.width / 2 - 30, dot.y + dot.height / 2, { steps: 4 });
  await page.mouse.up();
  await expect(page.getByRole('textbox', { name: 'Needle opening' })).not.toHaveValue('7.9 mm');
  await kept(page);
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(page.getByRole('textbox', { name: 'Needle opening' })).toHaveValue('7.9 mm');
});

test('the chart says why by keyboard alone, and what was tried counts for more', async ({ page }) => {
  await page.goto('/supplies/chart');
  await page.getByLabel('Show').selectOption({ label: 'window machine: feet by needles' });
  await page.getByLabel(/^For/).selectOption({ label: 'pintucks with a twin needle' });
  const why = page.getByRole('complementary', { name: 'Why' });
  await page.getByRole('button', { name: /twin needle 4\/100 with seven-groove pintuck foot: no/ }).focus();
  await expect(why).toContainText('does not fit into a groove 2 mm wide');
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('ArrowLeft');
  await page.keyboard.press('ArrowLeft');
  await expect(why).toContainText('twin needle 3/90');
  await expect(why).toContainText('the needle hits it');

  await page.goto('/supplies/foot');
  await page.getByRole('link', { name: /^open-toe foot/ }).click();
  const tried = page.getByRole('region', { name: 'Tested by you' });
  await tried.getByLabel('On the machine').selectOption({ label: 'window machine' });
  await tried.getByLabel('Width, mm').fill('3');
  await tried.getByRole('button', { name: 'Needle hits' }).click();
  await expect(tried).toContainText('hits window machine, 3 mm wide');
  await page.goto('/supplies/settings?technique=bridged-seam');
  await expect(page.getByRole('region', { name: 'Machine settings' })).toContainText('hollow satin foot');
});

test('ask the drawer: what to set on each machine, or plainly why not, and the address holds the question', async ({
  page,
}) => {
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Projects' })).toBeVisible();
  await page.keyboard.press('a');
  await page.getByLabel('Technique').selectOption({ label: 'couched cord' });
  await page.getByLabel('Cord', { exact: true }).fill('2.2 mm');
  const card = page.getByRole('region', { name: 'Machine settings' });
  await expect(card).toContainText('cording foot');
  await expect(card).toContainText('4.5 mm');
  await expect(card).toContainText('dial 3');
  await page.getByLabel('Machine', { exact: true }).selectOption({ label: 'grandmother’s straight stitch' });
  await expect(card).toContainText('This machine can’t do it');
  await expect(card).toContainText('Couch it by hand');
  await page.reload();
  await expect(card).toContainText('This machine can’t do it');
  await page.getByLabel('Machine', { exact: true }).selectOption({ label: 'window machine' });
  await page.getByLabel('Cord', { exact: true }).fill('8 mm');
  await expect(card).toContainText('makes 7 mm at most');
});

test('set up in the working speaks of the chosen machine, and cutting lowers what is left', async ({
  page,
}) => {
  await openWorking(page, 'Valance over the seedling stall', 'Machine settings');
  const card = page.getByRole('region', { name: 'Machine settings' });
  await expect(card).toContainText('on the window machine');
  await page.getByLabel('Machine', { exact: true }).selectOption({ label: 'grandmother’s straight stitch' });
  await expect(card).toContainText('one mark looser than normal');
  await page.getByLabel('Machine', { exact: true }).selectOption({ label: 'shed overlocker' });
  await expect(card).toContainText('This machine can’t do it');
  await kept(page);

  await page.getByRole('link', { name: 'Cut', exact: true }).click();
  await page.getByRole('button', { name: 'Lock the cutting list' }).click();
  await expect(page.getByText('Cutting list locked.')).toBeVisible();
  await page.goto('/supplies/cloth');
  await expect(page.getByRole('link', { name: /blue-stripe ticking/ })).toContainText('152.5 cm left');
  await page.getByRole('button', { name: /^Undo: cutting list/ }).click();
  await expect(page.getByRole('link', { name: /blue-stripe ticking/ })).toContainText('3.1 m left');

  await openWorking(page, 'Valance over the seedling stall', 'Cut');
  await page.getByRole('button', { name: 'Lock the cutting list' }).click();
  await page.getByRole('button', { name: 'Unlock' }).click();
  await expect(page.getByText('has been added back')).toBeVisible();
  await page.goto('/supplies/cloth');
  await expect(page.getByRole('link', { name: /blue-stripe ticking/ })).toContainText('3.1 m left');

  // The other tests find the valance as the demonstration has it.
  await openWorking(page, 'Valance over the seedling stall', 'Machine settings');
  await page.getByLabel('Machine', { exact: true }).selectOption({ label: 'window machine' });
  await page.getByRole('link', { name: 'Test swatch', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Pull it up to' })).toBeVisible();
  await kept(page);
});

test('a shelf goes out as a table and comes in again, with a report line by line', async ({ page }) => {
  await page.goto('/supplies/cord');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Export CSV' }).click(),
  ]);
  expect(download.suggestedFilename()).toBe('cords.csv');
  const file = (text: string) => ({ name: 'cords.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
  const chooser = page.getByLabel('Import CSV');
  await chooser.setInputFiles(file('name,diameter\nsash cord,5 mm\nwrong,thick\n'));
  const report = page.getByRole('region', { name: 'What is wrong with the file' });
  await expect(report).toContainText('Nothing imported yet');
  await expect(report).toContainText('Line 3, diameter');
  await report.getByRole('button', { name: 'Import the other 1' }).click();
  await expect(page.getByRole('link', { name: /sash cord/ })).toBeVisible();
});

test('ten measured stitches say what the machine’s dial really gives', async ({ page }) => {
  await page.goto('/supplies/machine');
  await page
    .getByRole('link', { name: /grandmother’s straight stitch/ })
    .first()
    .click();
  const dial = page.getByRole('region', { name: 'What the stitch-length dial really sews' });
  await expect(dial).toContainText('Nothing measured yet');
  await expect(dial).toContainText('Set 3 mm');

  await dial.getByRole('button', { name: 'Add one' }).click();
  await dial.getByLabel('Dial setting').fill('3 mm');
  await dial.getByLabel('Measured length', { exact: true }).fill('27 mm');
  // One row of ten stitches: the dial gives nine tenths, and what is believed of dials holds a part of it back.
  await expect(dial).toContainText(/It gives 0\.9[0-3]\d of what is dialled/);
  await dial.getByRole('button', { name: 'Add one' }).click();
  await dial.getByLabel('Dial setting').nth(1).fill('4 mm');
  await page.reload();
  // A row that is still being typed is there again, and teaches nothing yet.
  await expect(dial.getByLabel('Dial setting').nth(1)).toHaveValue('4 mm');
  await dial.getByLabel('Measured length', { exact: true }).nth(1).fill('36 mm');
  await expect(dial).toContainText('On 2 rows');
  await kept(page);
  await page.reload();
  await expect(dial.getByLabel('Measured length', { exact: true }).nth(1)).toHaveValue('36 mm');
});
