import { chromium } from '@playwright/test';
import { CHROMIUM_ARGS } from './playwright.config';
// usage: tsx shot.ts out path size dark script
const [out, path, size='phone', dark='light', js=''] = process.argv.slice(2);
(async()=>{
 const b = await chromium.launch({executablePath:'/usr/bin/chromium',args:CHROMIUM_ARGS});
 const [w,h]= size==='phone'?[390,844]: size==='narrow'?[320,640]:[1280,800];
 const c = await b.newContext({viewport:{width:w,height:h},colorScheme:dark as 'light',locale:'en-GB',timezoneId:'Europe/London'});
 const p = await c.newPage();
 p.on('pageerror',e=>console.log('PAGEERROR',e.message));
 p.on('console',m=>{ if(m.type()==='error'||m.type()==='warning') console.log(m.type(), m.text().slice(0,300))});
 await p.clock.install({time:new Date('2026-11-24T10:00:00Z')});
 await p.goto('http://localhost:4477'+path+(path.includes('?')?'':'?logbook=demo'));
 await p.getByRole('heading',{level:1}).first().waitFor();
 await p.evaluate(()=>document.fonts.ready);
 await p.waitForTimeout(800);
 if(js) await (new Function('p','return (async()=>{'+js+'})()'))(p);
 await p.waitForTimeout(700);
 await p.screenshot({path:out, fullPage: process.env.FULL==='1'});
 await b.close();
})();
