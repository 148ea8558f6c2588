// How many frames are lost while some 20 000 stitches are drawn and moved about from near, and how long the first drawing takes.
//
//   node tests/load/pan.mjs http://127.0.0.1:5080 [couching | free-motion]
import { chromium } from 'playwright-core';

const [address = 'http://127.0.0.1:5080', technique = 'couching'] = process.argv.slice(2);
const path = Array.from({ length: 10 }, (_, i) => [
  { straight: '150 mm' },
  { radius: '60 mm', sweep: i % 2 ? -150 : 150 },
  { radius: '75 mm', sweep: i % 2 ? 140 : -140 },
]).flat();
const asks = {
  couching: { cordDiameter: '2 mm', stitchLength: '0.25 mm', path: JSON.stringify(path) },
  'free-motion': {
    width: '60 cm',
    height: '60 cm',
    lineSpacing: '6 mm',
    stitchLength: '3 mm',
    machineSpeed: 600,
  },
};
const query = new URLSearchParams(asks[technique]);

const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu'],
});
const page = await browser.newPage({ viewport: { width: 1280, height: 900 } });
await page.goto(`${address}/calculator/${technique}?${query}`);
const near = page.getByRole('application');
await near.waitFor();
await near.scrollIntoViewIfNeeded();
await page.waitForTimeout(1500);
const stitches = await page.locator('.tacked .facts').textContent();
const box = await near.boundingBox();
/** The times between frames while something is done, in ms. */
const frames = async (doing) => {
  await page.evaluate(() => {
    window.times = [];
    const next = (t) => {
      window.times.push(t);
      window.going = requestAnimationFrame(next);
    };
    window.going = requestAnimationFrame(next);
  });
  await doing();
  const times = await page.evaluate(() => {
    cancelAnimationFrame(window.going);
    return window.times;
  });
  return times.slice(1).map((t, i) => t - times[i]);
};
const idle = await frames(() => page.waitForTimeout(1500));
const moved = await frames(async () => {
  await page.mouse.move(box.x + 200, box.y + 150);
  await page.mouse.down();
  for (let i = 0; i < 90; i++) {
    await page.mouse.move(box.x + 200 + 90 * Math.sin(i / 9), box.y + 150 + 60 * Math.cos(i / 7));
    await page.waitForTimeout(14);
  }
  await page.mouse.up();
});
const said = (name, times) => {
  const sorted = times.toSorted((a, b) => a - b);
  const late = times.filter((t) => t > 1.5 * (1000 / 60)).length;
  console.log(
    `${name}: ${times.length} frames, median ${sorted[sorted.length >> 1].toFixed(1)} ms, longest ${sorted.at(-1).toFixed(1)} ms, ${late} late`,
  );
};
console.log(stitches.match(/Stitches\s*(\d+)/)?.[1], 'stitches');
said('standing', idle);
said('moved about', moved);
await browser.close();
