import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { median, report } from './report';

const RUNS = 3;

/** Seconds of a web build of which nothing was kept from one before. */
function coldBuild(more: Readonly<Record<string, string>>): number {
  // What Metro keeps lies in the folder for temporary files.
  const TMPDIR = mkdtempSync(path.join(tmpdir(), 'spoke-build-'));
  const start = performance.now();
  const out = path.join(TMPDIR, 'out');
  const { status } = spawnSync('npx', ['expo', 'export', '-p', 'web', '--output-dir', out], {
    env: { ...process.env, CI: '1', EXPO_OFFLINE: '1', NODE_ENV: 'production', TMPDIR, ...more },
    stdio: 'ignore',
  });
  const seconds = (performance.now() - start) / 1000;
  rmSync(TMPDIR, { recursive: true });
  if (status !== 0) throw new Error('The build failed.');
  return seconds;
}

const [ours, bare]: [number[], number[]] = [[], []];
for (let n = 0; n < RUNS; n++) {
  bare.push(coldBuild({ SPOKE_APP_ROOT: 'bench/bare/app' }));
  ours.push(coldBuild({}));
}
const list = (times: number[]) => times.map((t) => t.toFixed(0)).join(', ');
report(
  'A cold web build, times a bare app’s',
  median(ours) / median(bare),
  1.5,
  `in turn: ${list(ours)} s against ${list(bare)} s`,
);
