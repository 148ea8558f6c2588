// How long from navigation to a view that can be used, with nothing cached: the median of several. The page itself
// notes the moment, in the frame after the one that shows what is waited for, so that the driver's own work is not counted.
import { chromium } from '@playwright/test';

const [address, path, selector] = process.argv.slice(2);
const times = [];
for (let i = 0; i < 7; i++) {
  const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: [
      '--no-sandbox',
      '--disable-gpu',
      '--disable-quic',
      '--no-first-run',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
    ],
  });
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.addInitScript(noteWhenShown, selector);
  await page.goto(address + path, { waitUntil: 'commit' });
  times.push(await shownAt(page));
  if (i === 0 && process.argv[5] === 'keys') {
    // From a key in the edge to the new picture, on the page that is open.
    const stated = page.getByRole('button', { name: /^Finished length: / }).first();
    await stated.waitFor();
    const waits = [];
    for (let k = 0; k < 12; k++) {
      await stated.click();
      waits.push(
        await page.evaluate(
          (text) =>
            new Promise((done) => {
              const field = document.activeElement;
              const was = document.querySelector('svg[role=group]').innerHTML;
              const began = performance.now();
              const look = () =>
                document.querySelector('svg[role=group]').innerHTML !== was
                  ? requestAnimationFrame(() => done(performance.now() - began))
                  : requestAnimationFrame(look);
              Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set.call(field, text);
              field.dispatchEvent(new Event('input', { bubbles: true }));
              look();
            }),
          `${200 + k * 7} cm`,
        ),
      );
      await page.keyboard.press('Enter');
    }
    waits.sort((a, b) => a - b);
    console.log(
      `from key to picture: median ${waits[6].toFixed(0)} ms, slowest ${waits.at(-1).toFixed(0)} ms`,
    );
  }
  await browser.close();
}
if (process.argv[5] === 'warm') await warm();

/** In the page: notes when what a selector names is shown, in ms since navigation. */
function noteWhenShown(selector) {
  window.shownAt = null;
  const look = () => {
    if (!document.querySelector(selector)) requestAnimationFrame(look);
    else requestAnimationFrame(() => (window.shownAt = performance.now()));
  };
  requestAnimationFrame(look);
}

/** When it was shown; looked for seldom, so that looking does not slow what is measured. */
async function shownAt(page) {
  for (;;) {
    await page.waitForTimeout(1500);
    const at = await page.evaluate(() => window.shownAt);
    if (at) return at;
  }
}

/** The same in a browser that has the program already: from the click in the selvedge to what it shows. */
async function warm() {
  const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu'],
  });
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(`${address}/workroom`);
  await page.waitForTimeout(5000);
  const waits = [];
  for (let k = 0; k < 7; k++) {
    await page.evaluate(noteWhenShown, selector);
    const start = await page.evaluate((href) => {
      const began = performance.now();
      document.querySelector(`nav a[href="${href}"]`).click();
      return began;
    }, path);
    waits.push((await shownAt(page)) - start);
    await page.locator('nav a[href="/settings"]').click();
    // What was fetched is old by then, and is fetched again.
    await page.waitForTimeout(1500);
  }
  waits.sort((a, b) => a - b);
  console.log(`from the click: median ${waits[3].toFixed(0)} ms, slowest ${waits.at(-1).toFixed(0)} ms`);
  await browser.close();
}
times.sort((a, b) => a - b);
console.log(
  `first view usable, cold cache: median ${times[3].toFixed(0)} ms, slowest ${times.at(-1).toFixed(0)} ms`,
);
