// How long from navigation to a view that can be used, with nothing cached: the median of several.
import { chromium } from '@playwright/test';

const [address, path, selector] = process.argv.slice(2);
const times = [];
for (let i = 0; i < 5; i++) {
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
  const start = performance.now();
  await page.goto(address + path, { waitUntil: 'commit' });
  await page.locator(selector).first().waitFor();
  times.push(performance.now() - start);
  if (i === 0 && process.argv[5] === 'keys') {
    // From a key in the edge to the new picture, on the page that is open.
    const edge = page.getByRole('textbox', { name: 'Finished edge' });
    const picture = page.getByRole('img', { name: /from the front/ });
    await picture.waitFor();
    const waits = [];
    for (let k = 0; k < 12; k++) {
      waits.push(
        await page.evaluate(
          (text) =>
            new Promise((done) => {
              const field = document.querySelector('input.entry');
              const was = document.querySelector('svg[role=img]').innerHTML;
              const began = performance.now();
              const look = () =>
                document.querySelector('svg[role=img]').innerHTML !== was
                  ? requestAnimationFrame(() => done(performance.now() - began))
                  : requestAnimationFrame(look);
              Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set.call(field, text);
              field.dispatchEvent(new Event('input', { bubbles: true }));
              look();
            }),
          `${200 + k * 7} cm`,
        ),
      );
      await edge.blur();
    }
    waits.sort((a, b) => a - b);
    console.log(
      `from key to picture: median ${waits[6].toFixed(0)} ms, slowest ${waits.at(-1).toFixed(0)} ms`,
    );
  }
  await browser.close();
}
if (process.argv[5] === 'warm') await warm();

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
    const start = performance.now();
    await page.locator(`nav a[href="${path}"]`).click();
    await page.locator(selector).first().waitFor();
    waits.push(performance.now() - start);
    await page.locator('nav a[href="/workroom"]').click();
    // What was fetched is old by then, and is fetched again.
    await page.waitForTimeout(1500);
  }
  waits.sort((a, b) => a - b);
  console.log(`from the click: median ${waits[3].toFixed(0)} ms, slowest ${waits.at(-1).toFixed(0)} ms`);
  await browser.close();
}
times.sort((a, b) => a - b);
console.log(
  `first view usable, cold cache: median ${times[2].toFixed(0)} ms, slowest ${times[4].toFixed(0)} ms`,
);
