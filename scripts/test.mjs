// @ts-check
import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import path from 'node:path';
import { ensureBuild, ensureChromium, ensureDependencies, ROOT } from './setup.mjs';

/** Everything CI runs, in the order of what fails fastest. The last line counts it all. */
let passed = 0;
let failed = 0;
const results = path.join(ROOT, '.setup', 'results');

/** @param {string} title @param {string} command @param {string[]} args @param {Record<string, string>} [env] */
function step(title, command, args, env = {}) {
  console.log(`\n== ${title}`);
  const done = spawnSync(command, args, {
    cwd: ROOT,
    stdio: 'inherit',
    env: { ...process.env, ...env },
  });
  return done.status === 0;
}

/** @param {string} title @param {string[]} args */
function check(title, args) {
  if (step(title, 'npx', args)) passed++;
  else failed++;
}

/** @param {string} file @param {(json: any) => [number, number]} count @param {boolean} ran */
function tally(file, count, ran) {
  if (!existsSync(file)) {
    failed++;
    return;
  }
  const [good, bad] = count(JSON.parse(readFileSync(file, 'utf8')));
  passed += good;
  failed += bad;
  if (!ran && bad === 0) failed++;
}

ensureDependencies();
rmSync(results, { recursive: true, force: true });
mkdirSync(results, { recursive: true });

check('Format', ['prettier', '--check', '--log-level=warn', '.']);
check('Lint', ['eslint', '.']);
check('Types', ['tsc', '--noEmit']);

const unit = path.join(results, 'unit.json');
const unitRan = step('Unit tests', 'npx', ['jest', '--ci', '--json', `--outputFile=${unit}`]);
tally(unit, (j) => [j.numPassedTests, j.numFailedTests + j.numRuntimeErrorTestSuites], unitRan);

ensureChromium();
ensureBuild();
const web = path.join(results, 'web.json');
const webRan = step('In the browser', 'npx', ['playwright', 'test'], {
  PLAYWRIGHT_JSON_OUTPUT_NAME: web,
});
tally(web, (j) => [j.stats.expected + j.stats.flaky, j.stats.unexpected], webRan);

console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
