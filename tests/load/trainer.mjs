// How many frames are lost on the simulated machine at 1 000 stitches a minute.
//
//   node tests/load/trainer.mjs http://127.0.0.1:5080
import { chromium } from 'playwright-core';

const [address = 'http://127.0.0.1:5080'] = process.argv.slice(2);
const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu'],
});
const page = await browser.newPage({ viewport: { width: 1280, height: 900 } });
await page.goto(`${address}/practice/even`);
const cloth = page.getByRole('application');
await cloth.waitFor();
for (const name of ['Feed dogs down', 'Foot down', 'Bobbin thread up'])
  await page.getByRole('checkbox', { name }).check();
await page.getByRole('slider').fill('1000');
await cloth.focus();
await page.waitForTimeout(1000);
await page.evaluate(() => {
  window.times = [];
  const next = (t) => {
    window.times.push(t);
    window.going = requestAnimationFrame(next);
  };
  window.going = requestAnimationFrame(next);
});
await page.keyboard.down(' ');
await page.keyboard.down('ArrowRight');
await page.waitForTimeout(6000);
await page.keyboard.up('ArrowRight');
await page.keyboard.up(' ');
const times = await page.evaluate(() => {
  cancelAnimationFrame(window.going);
  return window.times;
});
const between = times
  .slice(1)
  .map((t, i) => t - times[i])
  .toSorted((a, b) => a - b);
const late = between.filter((t) => t > 1.5 * (1000 / 60)).length;
console.log(
  `${await page.locator('[data-stitches]').getAttribute('data-stitches')} stitches in ${between.length} frames: ` +
    `median ${between[between.length >> 1].toFixed(1)} ms, longest ${between.at(-1).toFixed(1)} ms, ${late} late`,
);
await browser.close();
