// How long a long line takes: to be reckoned with its stitches, strips to be laid on a remnant, an SVG file to be read, and what is
// typed to be seen.
//
//   node tests/load/lines.mjs http://127.0.0.1:5080
import { chromium } from 'playwright-core';

const [address = 'http://127.0.0.1:5080'] = process.argv.slice(2);
const path = Array.from({ length: 10 }, (_, i) => [
  { straight: '150 mm' },
  { radius: '60 mm', sweep: i % 2 ? -150 : 150 },
  { radius: '75 mm', sweep: i % 2 ? 140 : -140 },
]).flat();
const median = (times) => times.toSorted((a, b) => a - b)[times.length >> 1];
const timed = async (times, doing) => {
  const all = [];
  for (let i = 0; i < times; i++) {
    const begun = performance.now();
    await doing();
    all.push(performance.now() - begun);
  }
  return median(all.slice(times >> 2));
};

const ask = JSON.stringify({ cordDiameter: '2 mm', stitchLength: '1.63 mm', path });
let answer;
const reckoned = await timed(60, async () => {
  const response = await fetch(`${address}/api/reckon/couching?with=working,drawings,steps`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: ask,
  });
  answer = await response.json();
});
console.log(
  `a line of ${Math.round(answer.pathLength.mm)} mm with ${answer.stitches} stitches, with all drawn: ${reckoned.toFixed(1)} ms   (wanted: 20 ms)`,
);

const corners = Array.from({ length: 12 }, (_, i) => ({
  x: 1000 + (i % 2 ? 620 : 980) * Math.cos((i * Math.PI) / 6),
  y: 1000 + (i % 2 ? 620 : 980) * Math.sin((i * Math.PI) / 6),
}));
let remnant;
const cut = await timed(40, async () => {
  const response = await fetch(`${address}/api/reckon/piping?with=working,drawings,steps`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({
      cordDiameter: '4 mm',
      cushionWidth: '45 cm',
      cushionHeight: '45 cm',
      remnantCorners: corners,
    }),
  });
  remnant = await response.json();
});
console.log(
  `piping from a remnant two metres wide with 12 corners, which gives ${remnant.remnantGives.text}, with all drawn: ${cut.toFixed(1)} ms`,
);

const curves = Array.from({ length: 300 }, (_, i) => {
  const at = (n, r) =>
    `${(100 + r * Math.cos((n * Math.PI) / 150)).toFixed(2)} ${(100 + r * Math.sin((n * Math.PI) / 150)).toFixed(2)}`;
  return `C${at(i + 0.3, i % 2 ? 80 : 86)} ${at(i + 0.7, i % 2 ? 80 : 86)} ${at(i + 1, 82)}`;
}).join('');
const svg = `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 200 200"><path d="M182 100${curves}Z"/></svg>`;
let read;
const taken = await timed(40, async () => {
  read = await fetch(`${address}/api/lines/svg?outlines=true&width=120+mm`, {
    method: 'POST',
    headers: { 'content-type': 'image/svg+xml' },
    body: svg,
  });
  await read.text();
});
console.log(
  `an SVG file of 300 segments, read and looked through: ${taken.toFixed(1)} ms, ${read.status}   (wanted: 200 ms)`,
);

const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu'],
});
const page = await browser.newPage({ viewport: { width: 1280, height: 900 } });
for (const [technique, label, query, text] of [
  [
    'couching',
    'Cord thickness',
    new URLSearchParams({ cordDiameter: '2 mm', stitchLength: '1.63 mm', path: JSON.stringify(path) }),
    (i) => `${2 + i / 10} mm`,
  ],
  [
    'applique',
    'Stitch length',
    new URLSearchParams({ made: 'shape', shape: 'star', shapeWidth: '83 mm', shapeHeight: '79 mm' }),
    (i) => (i % 2 ? '4 mm' : '2 mm'),
  ],
]) {
  await page.goto(`${address}/calculator/${technique}?${query}`);
  await page.locator('svg[role=group]').first().waitFor();
  await page.waitForTimeout(1500);
  const field = page.getByRole('textbox', { name: label, exact: true });
  const waits = [];
  for (let i = 1; i <= 12; i++) {
    waits.push(
      await field.evaluate(
        (input, value) =>
          new Promise((done, failed) => {
            setTimeout(() => failed(new Error(value)), 5000);
            const began = performance.now();
            new MutationObserver((_, watching) => {
              watching.disconnect();
              requestAnimationFrame(() => done(performance.now() - began));
            }).observe(document.querySelector('svg[role=group]'), {
              subtree: true,
              childList: true,
              attributes: true,
            });
            Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set.call(input, value);
            input.dispatchEvent(new Event('input', { bubbles: true }));
          }),
        text(i),
      ),
    );
    await page.waitForTimeout(150);
  }
  console.log(`${technique}, from key to picture: ${median(waits).toFixed(0)} ms   (wanted: 100 ms)`);
}
await browser.close();
