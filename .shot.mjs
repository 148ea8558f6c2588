import { chromium } from '@playwright/test';
const [out,path,w='1280',h='800',theme='light',...acts]=process.argv.slice(2);
const b=await chromium.launch({executablePath:'/usr/bin/chromium',args:['--no-sandbox','--disable-gpu','--disable-quic','--no-first-run','--disable-background-networking','--disable-component-update','--disable-sync']});
const page=await b.newPage({viewport:{width:+w,height:+h}}); page.on('pageerror',e=>console.log('PAGEERROR',e.message)); page.on('console',m=>m.type()==='error'&&console.log('CONSOLE',m.text()));
await page.addInitScript(t=>localStorage.setItem('zr.theme',t),theme);
await page.goto('http://127.0.0.1:5199'+path); await page.waitForLoadState('networkidle'); 
for (const a of acts) { const [k,...r]=a.split('='); const v=r.join('='); if(k==='click') await page.getByText(v,{exact:false}).first().click(); if(k==='css') await page.locator(v).first().click(); if(k==='wait') await page.waitForTimeout(+v); if (k==='key') await page.keyboard.press(v); if(k==='full') global.full=true; if(k==='eval') await page.evaluate(v); if(k==='print') await page.emulateMedia({media:'print'}); }
await page.waitForTimeout(350); const sw=await page.evaluate(()=>document.documentElement.scrollWidth); if(sw>+w) console.log('SIDEWAYS',sw);
await page.screenshot({path:out,fullPage:!!global.full}); await b.close();
