// @ts-check
import { ensureBuild, ensureChromium, ensureDependencies, exportWeb, run } from './setup.mjs';
import { existsSync } from 'node:fs';

/** Measures against the numbers we promise; each is a ratio within one run. */
ensureDependencies();
ensureChromium();
ensureBuild();
if (!existsSync('.bench/bare/index.html')) {
  console.log('· Building a bare app of the same stack to measure against …');
  exportWeb('.bench/bare', { SPOKE_APP_ROOT: 'bench/bare/app' });
}
run('npx', ['tsx', 'bench/replay.ts']);
run('npx', ['tsx', 'bench/rideFiles.ts']);
run('npx', ['tsx', 'bench/weather.ts']);
run('npx', ['tsx', 'bench/bigZip.ts']);
run('npx', ['tsx', 'bench/ridesList.ts']);
run('npx', ['tsx', 'bench/weight.ts']);
run('npx', ['tsx', 'bench/firstVerdict.ts']);
