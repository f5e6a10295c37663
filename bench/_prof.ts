import { chromium } from '@playwright/test';
import { launch, serve, restore } from './browser';
import { twentyYears, NOW } from './twentyYears';
import { writeBackup } from '@/core/formats';
async function main() {
  const which = process.argv[2] ?? 'demo';
  const ours = await serve('dist');
  const browser = await launch(chromium);
  const context = await browser.newContext({
    serviceWorkers: 'block',
    viewport: { width: 390, height: 844 },
  });
  const seed = await context.newPage();
  if (which === 'demo') {
    await seed.goto(`${ours.address}?logbook=demo`);
    await seed.getByText(/^Saved \d/).waitFor();
  } else {
    const t = Date.now();
    await restore(
      seed,
      ours.address,
      writeBackup(twentyYears(Number(which)), new Date(NOW).toISOString()),
    );
    console.log('restore', Date.now() - t);
  }
  await seed.close();
  for (let n = 0; n < 3; n++) {
    const page = await context.newPage();
    const s = await context.newCDPSession(page);
    await s.send('Network.enable');
    await s.send('Network.setCacheDisabled', { cacheDisabled: true });
    if (n === 2) {
      await s.send('Profiler.enable');
      await s.send('Profiler.setSamplingInterval', { interval: 200 });
      await s.send('Profiler.start');
    }
    await page.addInitScript(() => {
      new MutationObserver((_, o) => {
        if (!document.querySelector('[aria-label=Verdict] [role=heading]')?.textContent) return;
        o.disconnect();
        (window as any).v0 = performance.now();
        requestAnimationFrame(() =>
          requestAnimationFrame(() => {
            (window as any).verdictAt = performance.now();
          }),
        );
      }).observe(document, { subtree: true, childList: true });
    });
    await page.goto(ours.address + (which === 'demo' ? '' : ''));
    await page.waitForFunction(() => (window as any).verdictAt, null, { timeout: 120000 });
    const marks = await page.evaluate(() => [
      (window as any).v0,
      (window as any).verdictAt,
      performance.getEntriesByName('first-contentful-paint')[0]?.startTime,
      performance
        .getEntriesByType('measure')
        .concat(performance.getEntriesByType('mark'))
        .map((e) => [e.name, Math.round(e.startTime), Math.round(e.duration)]),
      performance
        .getEntriesByType('resource')
        .filter((e) => e.name.endsWith('.js'))
        .map((e: any) => [
          e.name.split('/').pop().slice(0, 20),
          Math.round(e.startTime),
          Math.round(e.responseEnd),
          e.decodedBodySize,
        ]),
    ]);
    console.log(JSON.stringify(marks));
    if (n === 2) {
      const { profile } = (await s.send('Profiler.stop')) as any;
      const self = new Map<number, number>();
      profile.samples.forEach((id: number, i: number) =>
        self.set(id, (self.get(id) ?? 0) + profile.timeDeltas[i] / 1000),
      );
      const nodes = new Map<number, any>(profile.nodes.map((x: any) => [x.id, x]));
      const total = new Map<number, number>();
      const tot = (id: number): number => {
        const x = nodes.get(id);
        const t =
          (self.get(id) ?? 0) + (x.children ?? []).reduce((a: number, c: number) => a + tot(c), 0);
        total.set(id, t);
        return t;
      };
      tot(profile.nodes[0].id);
      const name = (x: any) =>
        `${x.callFrame.functionName || '(anon)'} ${x.callFrame.url.split('/').pop().slice(0, 12)}:${x.callFrame.lineNumber}:${x.callFrame.columnNumber}`;
      const bySelf = new Map<string, number>();
      for (const [id, t] of self) {
        const k = name(nodes.get(id));
        bySelf.set(k, (bySelf.get(k) ?? 0) + t);
      }
      console.log('SELF');
      [...bySelf]
        .sort((a, b) => b[1] - a[1])
        .slice(0, 30)
        .forEach(([k, t]) => console.log(t.toFixed(1), k));
      console.log('TREE');
      const show = (id: number, depth: number) => {
        const x = nodes.get(id);
        const t = total.get(id)!;
        if (t < 12 || depth > 40) return;
        console.log(' '.repeat(depth) + t.toFixed(0), name(x));
        for (const c of [...(x.children ?? [])].sort(
          (a: number, b: number) => total.get(b)! - total.get(a)!,
        ))
          show(c, depth + 1);
      };
      show(profile.nodes[0].id, 0);
    }
    await page.close();
  }
  await browser.close();
  ours.close();
}
void main();
