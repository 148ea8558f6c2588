import { chromium } from '@playwright/test';
const [, , out, path, w = '1280', h = '800', scheme = 'light', press] = process.argv;
const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] });
const p = await b.newPage({ viewport: { width: +w, height: +h }, colorScheme: scheme, locale: 'en-GB' });
await p.goto('http://127.0.0.1:5080' + path);
await p.waitForTimeout(2500);
if (press) {
  for (const t of press.split('|')) {
    await p.getByText(t, { exact: false }).first().click();
    await p.waitForTimeout(500);
  }
}
await p.screenshot({ path: out });
await b.close();
