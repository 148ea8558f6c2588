import { expect, openHouse, test } from './house';

test('from an empty house to a printed cut list and a kept frill, with the keyboard alone', async ({
  page,
}) => {
  test.setTimeout(120_000);
  const house = await openHouse('--empty');
  const press = async (...keys: string[]) => {
    for (const key of keys) await page.keyboard.press(key);
  };
  const tabTo = async (name: string | RegExp, role: 'button' | 'link' | 'textbox' | 'radio' = 'button') => {
    const wanted = page.getByRole(role, { name }).first();
    for (let i = 0; i < 80; i++) {
      if (await wanted.evaluate((e) => e === document.activeElement)) return;
      await press('Tab');
    }
    throw new Error(`The keyboard does not reach ${name}.`);
  };
  await page.goto(house.address);
  await expect(page.getByRole('heading', { name: 'From an idea to a sewn piece' })).toBeVisible();
  await tabTo('Plan something');
  await press('Enter');
  await page.keyboard.type('Awning');
  await press('Enter');
  await expect(page.getByRole('button', { name: 'Add a part' })).toBeFocused();
  await press('Enter');
  // Who does not know yet finds the comparison first.
  await expect(page.getByRole('menuitem', { name: /^Not sure/ })).toBeFocused();
  await press('ArrowDown');
  await expect(page.getByRole('menuitem', { name: 'Gathering with basting threads' })).toBeFocused();
  await press('Enter');

  // Plan: the edge as she would say it.
  await expect(page.getByText('How long is the edge?')).toBeVisible();
  await expect(page.getByRole('textbox', { name: 'Finished length' })).toBeFocused();
  await page.keyboard.type('2.6 m');
  const toCut = page.getByRole('region', { name: 'To cut' });
  await expect(toCut.getByText(/^\d+$/).first()).toHaveText('4');
  await expect(page.getByRole('group', { name: /gathered piece from the front/ })).toBeVisible();

  // Set up, and the dial of this machine.
  await page.getByRole('textbox', { name: 'Finished length' }).blur();
  await press('2');
  await expect(page.getByText('dial 3')).toBeVisible();
  await tabTo('Normal tension', 'textbox');
  await press('Control+a');
  await page.keyboard.type('5');
  await expect(page.getByText('dial 4')).toBeVisible();

  // Sample: number, enter, number, enter.
  await tabTo('Sew a swatch', 'link');
  await press('Enter');
  await tabTo('Record a swatch');
  await press('Enter');
  await expect(page.getByLabel('Flat')).toBeFocused();
  await page.keyboard.type('30');
  await press('Enter');
  await page.keyboard.type('15');
  await press('Enter');
  await expect(page.getByText('2.00', { exact: true })).toBeVisible();
  await expect(page.getByText('As planned')).toBeVisible();
  await tabTo(/good|nearly|not yet/, 'radio');
  await press('Space');
  await tabTo('Good: continue to Cut', 'link');
  await press('Enter');

  // Cut, and one sheet of paper.
  await tabTo('Lock the cutting list');
  await press('Enter');
  await expect(page.getByText('Cutting list locked.')).toBeVisible();
  for (const format of ['A4', 'Letter'] as const) {
    const pdf = (await page.pdf({ format })).toString('latin1');
    // Set to be read at arm's length, with a picture for each step: a few sheets, and not one for each step.
    expect(pdf.match(/\/Type\s*\/Page[^s]/g)!.length).toBeLessThanOrEqual(5);
  }

  // Sew at the machine: the space bar checks and goes on in one press, the place kept through a reload.
  await page.keyboard.press('m');
  await expect(page.getByRole('heading', { name: 'Cut the strips' })).toBeVisible();
  await press('Space');
  await expect(page.getByRole('heading', { name: 'Join the strips' })).toBeVisible();
  await press('ArrowLeft');
  for (const check of await page.getByRole('checkbox').all()) await expect(check).toBeChecked();
  await press('Space');
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Join the strips' })).toBeVisible();
  for (let i = 0; i < 30 && !(await page.getByText('Finished!').isVisible()); i++) {
    const step = await page.locator('h1').textContent();
    await press('ArrowRight');
    await expect(page.locator('h1')).not.toHaveText(step!);
  }
  await expect(page.getByRole('link', { name: 'Note how it turned out' })).toBeVisible();
  await press('Space');

  // Keep, and find it again after the program was killed and started again.
  await tabTo(/In a sentence/, 'textbox');
  await page.keyboard.type('2.01 on the awning, even to the ends.');
  // What was written is kept when the field is left.
  await press('Tab');
  await expect(page.getByText(/✓ Saved on/)).toBeVisible();
  house.stop();
  await house.start();
  await page.goto(house.address);
  await expect(page.getByText('2.01 on the awning, even to the ends.')).toBeVisible();
  await press('/');
  await page.keyboard.type('even to');
  await expect(page.getByRole('option', { name: /2.01 on the awning/ })).toBeVisible();
  await press('Enter');
  await expect(page.getByLabel('Name of this part')).toHaveValue('New: gathering, pulled by hand');
  house.stop();
});
