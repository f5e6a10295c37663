import { chromium } from '@playwright/test';
import { writeBackup } from '@/core/formats/backup';
import { launch, restore, serve } from './browser';
import { pagesMb } from './memory';
import { NOW, twentyYears } from '@/test/twentyYears';
async function main(){
  const dist=process.argv[2]??'dist';
  const { address, close } = await serve(dist, () => NOW);
  const browser = await launch(chromium);
  const long = await browser.newContext({ serviceWorkers: 'block', locale: 'en-GB' });
  const first = await long.newPage();
  await restore(first, address, writeBackup(twentyYears(50_000), new Date(NOW).toISOString()));
  await first.waitForTimeout(25_000);
  await first.close();
  const page = await long.newPage();
  await page.goto(address);
  await page.getByRole('region', { name: 'Verdict' }).waitFor();
  const t0=Date.now();
  const session = await page.context().newCDPSession(page);
  for (const at of [2,5,10,20,40,75]) {
    await page.waitForTimeout(Math.max(0, at*1000-(Date.now()-t0)));
    const raw=await pagesMb(browser);
    await session.send('HeapProfiler.collectGarbage');
    const heap:any = await session.send('Runtime.getHeapUsage');
    const ws:string[]=[];
    for (const w of page.workers()) { try { ws.push(w.url().split('/').pop()!.slice(0,18)+' '+JSON.stringify(await Promise.race([w.evaluate(()=>{const m=(performance as any).memory;return m?m.usedJSHeapSize/1e6:null}), new Promise(r=>setTimeout(()=>r('busy'),1000))]))) } catch(e){ws.push('gone')} }
    console.log(at, 's raw', raw.toFixed(0), 'after gc', (await pagesMb(browser)).toFixed(0), 'heap used', (heap.usedSize/1e6).toFixed(1), 'total', (heap.totalSize/1e6).toFixed(1), 'emb', (heap.embedderHeapUsedSize/1e6||0).toFixed(1),'backing',(heap.backingStorageSize/1e6||0).toFixed(1), ws.join('; '));
  }
  if (process.argv[3]) {
    const fs=await import('node:fs'); const out=fs.createWriteStream(process.argv[3]);
    session.on('HeapProfiler.addHeapSnapshotChunk',({chunk}:any)=>out.write(chunk));
    await session.send('HeapProfiler.takeHeapSnapshot',{reportProgress:false});
    out.end();
  }
  await browser.close(); close();
  const bare = await serve('.bench/bare'); const b2=await launch(chromium); const p2=await b2.newPage({serviceWorkers:'block'}); await p2.goto(bare.address); await p2.getByText('Ready').waitFor(); await p2.waitForTimeout(5000);
  const s2=await p2.context().newCDPSession(p2); await s2.send('HeapProfiler.collectGarbage'); console.log('bare', (await pagesMb(b2)).toFixed(0)); await b2.close(); bare.close();
}
void main();
