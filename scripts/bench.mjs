// @ts-check
import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { ensureBuild, ensureChromium, ensureDependencies, exportWeb, ROOT } from './setup.mjs';

/** Measures against the numbers we promise; each is a ratio within one run. */
ensureDependencies();
const { buildSync } = await import('esbuild');
ensureChromium();
ensureBuild();
if (!existsSync('.bench/bare/index.html')) {
  console.log('· Building a bare app of the same stack to measure against …');
  exportWeb('.bench/bare', { SPOKE_APP_ROOT: 'bench/bare/app' });
}
const MEASURES = [
  'replay',
  'rideFiles',
  'weather',
  'bigZip',
  'ridesList',
  'longLogbook',
  'journey',
  'wear',
  'choice',
  'noise',
  'planner',
  'money',
  'years',
  'senses',
  'weight',
  'firstVerdict',
  'desk',
  'taps',
  'coldBuild',
];
/** Only where it is asked for: it holds to no bound. */
const MORE = ['growth'];
const chosen = process.argv.slice(2);
const wanted =
  chosen.length === 0 ? MEASURES : [...MEASURES, ...MORE].filter((m) => chosen.includes(m));
for (const name of wanted) {
  // As the app is built: outside of production replay freezes what it hands out, and what runs TypeScript as it
  // stands names each function it makes, which takes longer than some of them do.
  const script = `.bench/scripts/${name}.cjs`;
  buildSync({
    entryPoints: [`bench/${name}.ts`],
    outfile: script,
    bundle: true,
    packages: 'external',
    platform: 'node',
    define: { 'process.env.NODE_ENV': '"production"' },
    logLevel: 'error',
  });
  const done = spawnSync(process.execPath, [script], { cwd: ROOT, stdio: 'inherit' });
  // One that misses its bound does not keep the others from being measured.
  if (done.status !== 0) process.exitCode = 1;
}
