// How long it takes from a key to the picture of 150 slanted rows of decorative stitches, in ms: median and longest of so many keys.
//
//   node tests/load/rows.mjs http://127.0.0.1:5080
import { chromium } from 'playwright-core';

const [address = 'http://127.0.0.1:5080'] = process.argv.slice(2);
const keys = 24;
const pattern = [
  { name: 'leaf stem', stitchWidth: '6 mm', repeatLength: '9.7 mm', stitchLength: '2.5 mm', look: 'leaf' },
  { name: 'wave', stitchWidth: '5 mm', repeatLength: '15.4 mm', stitchLength: '2.5 mm', look: 'wave' },
  { name: 'crosses', stitchWidth: '5 mm', repeatLength: '5.2 mm', stitchLength: '2.5 mm', look: 'cross' },
];
// 150 rows at 30° lie 8 mm apart on a piece of 100 by 80 cm.
const query = new URLSearchParams({
  width: '1000 mm',
  height: '800 mm',
  angle: 30,
  rowGap: '8 mm',
  pattern: JSON.stringify(pattern),
  fit: 'whole',
  repeatRange: '1 mm',
});

const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu'],
});
const page = await browser.newPage({ viewport: { width: 1280, height: 900 } });
page.setDefaultTimeout(15_000);
await page.goto(`${address}/calculator/stitch-rows?${query}`);
const gap = page.getByRole('textbox', { name: 'Row spacing' });
await gap.waitFor();
await page.waitForTimeout(1500);
const facts = await page.locator('.tacked .facts').textContent();
const drawing = page.locator('figure.drawing').first();
const shown = await drawing.locator('pattern').count();

const times = [];
for (let i = 0; i < keys; i++) {
  await gap.focus();
  await page.keyboard.press('Control+A');
  await page.keyboard.type('8.');
  await page.waitForTimeout(400);
  // The clock runs from the last key to the frame in which the rows lie elsewhere.
  const took = page.evaluate(
    () =>
      new Promise((done) => {
        const rows = () =>
          [...document.querySelectorAll('figure.drawing svg g[transform^="translate"]')]
            .slice(0, 40)
            .map((g) => g.getAttribute('transform'))
            .join();
        const before = rows();
        let from = 0;
        addEventListener('keydown', (e) => (from = e.timeStamp), { once: true, capture: true });
        const look = (t) => {
          if (rows() !== before) done(t - from);
          else if (from && t - from > 3000) done(NaN);
          else requestAnimationFrame(look);
        };
        requestAnimationFrame(look);
      }),
  );
  await page.waitForTimeout(50);
  await page.keyboard.press(i % 2 ? '1' : '2');
  times.push(await took);
}
times.sort((a, b) => a - b);
console.log(/Rows([^A-Z]*)/.exec(facts)?.[1], '-', shown, 'drawn repeat by repeat');
console.log(
  `from key to picture: median ${times[keys >> 1].toFixed(0)} ms, longest ${times.at(-1).toFixed(0)} ms`,
);
await browser.close();
