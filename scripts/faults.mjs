// @ts-check
import { spawnSync } from 'node:child_process';
import { ensureBuild, ensureChromium, ensureDependencies, ROOT } from './setup.mjs';

/** Runs the fault campaigns, each from fixed seeds; anything but zero fails. */
ensureDependencies();
ensureChromium();
ensureBuild();
const wanted = process.argv.slice(2);
const CAMPAIGNS = ['schedules', 'corruptions', 'files', 'requests', 'kills'];
for (const name of CAMPAIGNS.filter((c) => wanted.length === 0 || wanted.includes(c))) {
  const done = spawnSync('npx', ['tsx', `faults/${name}.ts`], { cwd: ROOT, stdio: 'inherit' });
  if (done.status !== 0) process.exitCode = 1;
}
