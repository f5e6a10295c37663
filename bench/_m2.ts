import { chromium, type Browser } from '@playwright/test';
import { writeBackup } from '@/core/formats/backup';
import { launch, restore, serve } from './browser';
import { pagesMb } from './memory';
import { NOW, twentyYears } from '@/test/twentyYears';
async function dump(browser: Browser, label: string){
  const s=await browser.newBrowserCDPSession();
  const chunks:any[]=[]; s.on('Tracing.dataCollected',(d:any)=>chunks.push(...d.value));
  await s.send('Tracing.start',{traceConfig:{includedCategories:['disabled-by-default-memory-infra'],excludedCategories:['*'],memoryDumpConfig:{triggers:[]}} as any,transferMode:'ReportEvents'} as any);
  await s.send('Tracing.requestMemoryDump',{levelOfDetail:'detailed'} as any);
  const done=new Promise(r=>s.on('Tracing.tracingComplete',r)); await s.send('Tracing.end'); await done;
  const names:any={}; for(const c of chunks) if(c.name==='process_name') names[c.pid]=c.args.name;
  for(const c of chunks){ if(c.ph!=='v'&&c.ph!=='V') continue; const d=c.args.dumps; if(!d) continue; const t=d.process_totals; const al=d.allocators; if(!al||!/enderer/.test(names[c.pid]??'')) continue;
   console.log(label, names[c.pid], c.pid, 'resident', t&&parseInt(t.resident_set_bytes??'0',16)/1e6, 'pmf', t&&parseInt(t.private_footprint_bytes??'0',16)/1e6);
   const rows=Object.entries(al).map(([k,v]:any)=>[k,v.attrs?.size?parseInt(v.attrs.size.value,16)/1e6:0, v.attrs?.effective_size?parseInt(v.attrs.effective_size.value,16)/1e6:0] as [string,number,number]).filter(r=>r[0].split('/').length<=4&&r[1]>0.8).sort((a,b)=>b[1]-a[1]).slice(0,60);
   for(const r of rows) console.log('   ',r[1].toFixed(1),r[0]);
  }
  await s.detach();
}
async function main(){
  const { address, close } = await serve('dist', () => NOW);
  const browser = await launch(chromium);
  const long = await browser.newContext({ serviceWorkers: 'block', locale: 'en-GB' });
  const first = await long.newPage();
  await restore(first, address, writeBackup(twentyYears(50_000), new Date(NOW).toISOString()));
  await first.waitForTimeout(25_000); await first.close();
  const page = await long.newPage(); await page.goto(address);
  await page.getByRole('region', { name: 'Verdict' }).waitFor();
  await page.waitForTimeout(Number(process.argv[2]??75)*1000);
  const session = await page.context().newCDPSession(page);
  await session.send('HeapProfiler.collectGarbage'); console.log((await pagesMb(browser)).toFixed(0));
  await dump(browser,'ours');
  await browser.close(); close();
  const bare = await serve('.bench/bare'); const b2=await launch(chromium); const p2=await b2.newPage({serviceWorkers:'block'}); await p2.goto(bare.address); await p2.getByText('Ready').waitFor(); await p2.waitForTimeout(5000);
  const s2=await p2.context().newCDPSession(p2); await s2.send('HeapProfiler.collectGarbage'); console.log('bare', (await pagesMb(b2)).toFixed(0)); await dump(b2,'bare'); await b2.close(); bare.close();
}
void main();
