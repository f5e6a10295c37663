// @ts-check
import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { ensureBuild, ensureChromium, ensureDependencies, exportWeb, ROOT } from './setup.mjs';

/** Measures against the numbers we promise; each is a ratio within one run. */
ensureDependencies();
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
  'wear',
  'choice',
  'planner',
  'money',
  'years',
  'senses',
  'weight',
  'firstVerdict',
  'desk',
  'taps',
];
for (const name of MEASURES) {
  const done = spawnSync('npx', ['tsx', `bench/${name}.ts`], {
    cwd: ROOT,
    stdio: 'inherit',
    // As the app is built: outside of production replay freezes what it hands out.
    env: { ...process.env, NODE_ENV: 'production' },
  });
  // One that misses its bound does not keep the others from being measured.
  if (done.status !== 0) process.exitCode = 1;
}
