import type { Page } from '@playwright/test';
import { barriers, expect, kept, openWorking, settled, test } from './house';

// It goes by the clock: a machine that is held up for a second breaks its thread, as it should, and another try is fair.
test.describe.configure({ retries: 3 });

const ready = async (page: Page) => {
  await expect(cloth(page)).toBeVisible();
  for (const name of ['Feed dogs down', 'Foot down', 'Bobbin thread up']) {
    const box = page.getByRole('checkbox', { name });
    if (await box.isVisible()) await box.check();
  }
};
const cloth = (page: Page) => page.getByRole('application');

/**
 * Moves the hoop at an even speed, frame by frame, with the pedal down: the cloth goes to the left, so that the needle goes to the right.
 * What new between frames is evened out by the page, as it is for a hand.
 */
async function sew(page: Page, mmPerSecond: number, seconds: number) {
  const box = (await cloth(page).boundingBox())!;
  const perMm = box.width / 160;
  const [x, y] = [box.x + box.width - 20, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  // Foot and hands begin and end in one frame: a machine that runs while the cloth stands still breaks its thread.
  await page.getByRole('checkbox', { name: 'keep pedal down' }).evaluate(
    (pedal: HTMLInputElement, [x, y, pixelsPerSecond, seconds]) =>
      new Promise<void>((resolve) => {
        const canvas = document.querySelector('canvas')!;
        pedal.click();
        const start = performance.now();
        const move = (now: number) => {
          const by = Math.min(seconds!, (now - start) / 1000) * pixelsPerSecond!;
          canvas.dispatchEvent(
            new PointerEvent('pointermove', {
              bubbles: true,
              pointerId: 1,
              pointerType: 'touch',
              clientX: x! - by,
              clientY: y!,
            }),
          );
          if ((now - start) / 1000 < seconds!) requestAnimationFrame(move);
          else {
            pedal.click();
            resolve();
          }
        };
        requestAnimationFrame(move);
      }),
    [x, y, mmPerSecond * perMm, seconds],
  );
  await page.mouse.up();
}

test('a hoop moved at a known speed gives the stitches that belong to it, and what they say is kept', async ({
  page,
}) => {
  await page.goto('/practice/even');
  await ready(page);
  await page.getByRole('slider', { name: /^Speed:/ }).fill('600');
  await sew(page, 25, 4.6);
  const sent = page.waitForRequest((r) => r.url().endsWith('/api/practice') && r.method() === 'POST');
  await page.getByRole('button', { name: 'Finish and score' }).click();
  const { stitches } = (await sent).postDataJSON() as { stitches: [number, number, number][] };
  // Between the motor's start and the hand's stop each is 60·25/600 long.
  const run = stitches.slice(10, -10);
  const [first, last] = [run[0]!, run.at(-1)!];
  expect(run.length).toBeGreaterThan(20);
  // A frame that comes late makes a long stitch of two: within six parts in a hundred on the mean.
  expect(Math.abs((last[0] - first[0]) / (run.length - 1) / 2.5 - 1)).toBeLessThan(0.06);
  expect((last[2] - first[2]) / (run.length - 1)).toBeCloseTo(0.1, 2);

  const says = page.getByRole('region', { name: 'Your result' });
  await expect(says).toContainText('One thing to try next');
  const { tries } = (await (await page.request.get('/api/practice')).json()) as {
    tries: { exercise: string; score: { mean: number; off: number; machine: number; stitches: number } }[];
  };
  const { score } = tries[0]!;
  expect(score.machine).toBeGreaterThan(550);
  expect(score.off).toBeLessThan(0.5);
  expect(score.stitches).toBeGreaterThan(35);
  await expect(page.getByRole('region', { name: 'Your progress' })).toContainText('tries');
  await kept(page);

  // It is a step like any other.
  await page.getByRole('button', { name: 'Undo: a try kept' }).click();
  await expect
    .poll(
      async () =>
        ((await (await page.request.get('/api/practice')).json()) as { tries: unknown[] }).tries.length,
    )
    .toBe(tries.length - 1);
});

test('what is not made ready does what it does, and one press mends it', async ({ page }) => {
  await page.goto('/practice/even');
  await page.getByRole('checkbox', { name: 'Feed dogs down' }).check();
  await page.getByRole('checkbox', { name: 'Bobbin thread up' }).check();
  await cloth(page).focus();
  await page.keyboard.down('ArrowRight');
  await page.keyboard.down(' ');
  const wrong = page.getByRole('alert');
  await expect(wrong).toContainText('Loops below, all over.');
  await page.keyboard.up(' ');
  await page.keyboard.up('ArrowRight');
  await wrong.getByRole('button', { name: 'Foot down, and trim' }).click();
  await expect(page.getByRole('checkbox', { name: 'Foot down' })).toBeChecked();

  // Hands that stand still while the machine runs.
  await cloth(page).focus();
  await page.keyboard.down(' ');
  await expect(wrong).toContainText('The thread broke.');
  await page.keyboard.up(' ');
  expect(await barriers(page)).toEqual([]);
});

test('by keys alone: a line sewn with the arrow keys, one press a stitch, a corner, and an edge', async ({
  page,
}) => {
  test.setTimeout(120_000);
  await page.goto('/practice/timing');
  await ready(page);
  await cloth(page).focus();
  await page.keyboard.down(' ');
  for (let i = 0; i < 14; i++) {
    await page.waitForTimeout(590);
    await page.keyboard.press('ArrowRight');
  }
  await page.keyboard.up(' ');
  await page.getByRole('button', { name: 'Finish and score' }).click();
  await expect(page.getByRole('region', { name: 'Your result' })).toContainText('stitches a minute');

  await page.getByRole('link', { name: /Stop in the corner/ }).click();
  await cloth(page).focus();
  await page.keyboard.down(' ');
  await expect(page.locator('[data-stitches]')).not.toHaveAttribute('data-stitches', /^\d$/, {
    timeout: 15_000,
  });
  await page.keyboard.up(' ');
  await page.getByRole('button', { name: 'Finish and score' }).click();
  await expect(page.getByRole('region', { name: 'Your result' })).toContainText('From the corner');

  await page.getByRole('link', { name: /Pull up evenly/ }).click();
  const pull = page.getByRole('button', { name: 'Pull the thread' });
  for (let i = 0; i < 60 && (await pull.isEnabled()); i++) {
    await pull.press('Enter');
    for (const part of [11, 8, 5]) await page.getByRole('button', { name: `Part ${part}:` }).press('Enter');
  }
  await page.getByRole('button', { name: 'Finish and score' }).press('Enter');
  await expect(page.getByRole('region', { name: 'Your result' })).toContainText('Parts differ by');
});

test('the pace that hands keep goes into a plan with one press, and practice fits a telephone in the dark', async ({
  page,
}) => {
  const { pace } = (await (await page.request.get('/api/practice')).json()) as {
    pace: { hand: number; machine: number };
  };
  await openWorking(page, 'Meander on the kneeler pad');
  await page
    .getByRole('navigation', { name: 'Stages' })
    .getByRole('link', { name: 'Plan', exact: true })
    .click();
  const offered = page.getByRole('region', { name: 'From your practice' });
  await expect(offered).toContainText(`${pace.hand} mm a second`);
  await offered.getByRole('button', { name: 'Plan with it' }).click();
  await expect(page.getByRole('textbox', { name: /^Hand speed/ })).toHaveValue(String(pace.hand));
  await expect(page.getByRole('region', { name: 'Results' })).toContainText(`${pace.hand} mm a second`);
  await kept(page);

  await page.setViewportSize({ width: 390, height: 844 });
  await page.emulateMedia({ colorScheme: 'dark' });
  for (const path of ['/practice', '/practice/gather', '/practice/nothing']) {
    await page.goto(path);
    await settled(page);
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    expect(await barriers(page), path).toEqual([]);
  }
});
