import { barriers, beginWorking, expect, goTo, kept, openHouse, openWorking, test } from './house';

test('the first page says what it is for; the example is shown in six steps, and goes and comes with one press', async ({
  browser,
}) => {
  const house = await openHouse();
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(house.address);
  const welcome = page.getByRole('region', { name: 'From an idea to a sewn piece' });
  await expect(welcome.getByRole('listitem')).toHaveCount(3);
  await expect(welcome.getByRole('link', { name: 'Add my machine' })).toBeVisible();
  await welcome.getByRole('button', { name: 'Try the example' }).click();
  const tour = page.getByRole('region', { name: 'Tour of the example' });
  for (const [i, stage] of ['Plan', 'Machine settings', 'Test swatch', 'Cut', 'Sew', 'Finish'].entries()) {
    await expect(tour).toContainText(`${i + 1} of 6`);
    await expect(page.getByRole('link', { name: stage, exact: true })).toHaveAttribute(
      'aria-current',
      'step',
    );
    // What it is about is pointed at.
    await expect(page.locator('.toured')).toBeVisible();
    if (i === 1) expect(await barriers(page)).toEqual([]);
    await tour.getByRole('button', { name: i < 5 ? 'Next' : 'End the tour' }).click();
  }
  await expect(tour).toHaveCount(0);

  await expect(page.locator('main .example').first()).toBeVisible();
  await page.getByRole('button', { name: 'Remove the example' }).click();
  await expect(page.getByText('Example removed.')).toBeVisible();
  await expect(page.locator('main .example')).toHaveCount(0);
  await expect(welcome.getByRole('button', { name: 'Plan something' })).toBeVisible();
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.locator('main .example').first()).toBeVisible();

  // The first machine that is put in is the one that is sewn on.
  await welcome.getByRole('link', { name: 'Add my machine' }).click();
  await page.getByLabel('straight-stitch machine').check();
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByText('added to your supplies')).toBeVisible();
  await expect(page.getByLabel('My machine')).toBeVisible();
  await page.close();
  house.stop();
});

test('help: what a screen is for, a word with its picture, and keys that can be switched off', async ({
  page,
}) => {
  await openWorking(page, 'Valance over the seedling stall', 'Plan');
  await page.keyboard.press('?');
  const help = page.getByRole('dialog', { name: 'Help' });
  await expect(help).toContainText('Type what you want to sew');
  await help.getByRole('tab', { name: 'Words' }).click();
  await help.getByRole('searchbox').fill('serger');
  await expect(help.getByRole('term').filter({ hasText: /^overlocker/ })).toBeVisible();
  await expect(help.locator('.word-picture svg')).toBeVisible();
  expect(await barriers(page)).toEqual([]);
  await help.getByRole('tab', { name: 'Keyboard shortcuts' }).click();
  await help.getByRole('checkbox', { name: 'Keys of one letter do something' }).uncheck();
  await page.keyboard.press('Escape');
  await page.keyboard.press('b');
  await expect(page.getByRole('heading', { level: 1 }).getByRole('textbox')).toBeVisible();

  // A field leads to the word that it is about.
  await page.getByRole('textbox', { name: 'Hem allowance' }).focus();
  await page.getByRole('button', { name: 'See “hem”' }).click();
  await expect(help.getByRole('searchbox')).toHaveValue('hem');
  await help.getByRole('tab', { name: 'Keyboard shortcuts' }).click();
  await help.getByRole('checkbox').check();
  await page.keyboard.press('Escape');
  await page.keyboard.press('b');
  await expect(page.getByRole('heading', { name: 'Projects' })).toBeVisible();
});

test('the keys are at the first field in three presses, and come back to where they were', async ({
  browser,
}) => {
  // A house of its own: what is locked here is cut nowhere else.
  const house = await openHouse();
  const page = await browser.newPage({ baseURL: house.address, viewport: { width: 1280, height: 800 } });
  await openWorking(page, 'Frill round the tea table', 'Plan');
  await expect(page).toHaveTitle('Frill round the tea table: Plan · Zephyr Reach');
  await page.goto(page.url());
  await expect(page.getByRole('region', { name: 'To cut' })).toBeVisible();
  for (const key of ['Tab', 'Tab', 'Enter']) await page.keyboard.press(key);
  await expect(page.getByRole('textbox', { name: 'Finished length' }).first()).toBeFocused();

  const help = page.getByRole('button', { name: 'Help' });
  await help.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog', { name: 'Help' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(help).toBeFocused();

  const onDrawing = page
    .getByRole('group', { name: /gathered piece/ })
    .getByRole('button')
    .first();
  await onDrawing.focus();
  await page.keyboard.press('Enter');
  await expect(page.locator('.on-drawing input')).toBeFocused();
  await page.keyboard.press('Escape');
  await expect(onDrawing).toBeFocused();

  // A list that is locked leads on; unlocked it is where it was.
  await page.getByRole('link', { name: 'Cut', exact: true }).click();
  const lock = page.getByRole('button', { name: 'Lock the cutting list' });
  const unlock = page.getByRole('button', { name: 'Unlock', exact: true });
  await expect(lock.or(unlock)).toBeVisible();
  await kept(page);
  if (await unlock.isVisible()) await unlock.click();
  await lock.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('link', { name: 'Continue to Sew' })).toBeFocused();
  await unlock.click();
  await expect(lock).toBeFocused();
  await page.close();
  house.stop();
});

test('addresses of before lead to where things are now', async ({ page }) => {
  await page.goto('/drawer/foot');
  await expect(page).toHaveURL(/\/supplies\/foot$/);
  await page.goto('/reckoner/pintucks?panelWidth=20+cm');
  await expect(page).toHaveURL(/\/calculator\/pintucks\?panelWidth=20\+cm$/);
  await goTo(page, '/workroom');
  await expect(page).toHaveURL(/\/settings$/);
});

test('a new part begins with the usual thread and fabric', async ({ browser }) => {
  // A house of its own: what is used up here is short nowhere else.
  const house = await openHouse();
  const page = await browser.newPage({ baseURL: house.address });
  await page.goto('/supplies/cloth');
  await page.getByRole('link', { name: /beetroot gingham/ }).click();
  await page.getByLabel('My usual fabric').selectOption('yes');
  await kept(page);
  await beginWorking(
    page,
    'A frill of the usual',
    'Gathering with a gathering foot',
    'Finished length',
    house.address,
  );
  await expect(page.locator('summary').filter({ hasText: 'Fabric' })).toContainText('beetroot gingham');
  await page.getByRole('textbox', { name: 'Finished length' }).first().fill('1 m');
  await expect(page.getByRole('region', { name: 'To cut' })).toBeVisible();
  await page.close();
  house.stop();
});
