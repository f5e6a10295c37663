// @ts-check
import { existsSync, mkdirSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { ensureDependencies, ROOT, run } from './setup.mjs';

/**
 * Mutation testing of one folder: `npm run mutate -- src/core/care/model`. The tests of its room judge it,
 * and those of the rooms named here that are written for it too. See docs/mutation.md.
 * @type {Record<string, string[]>}
 */
const ALSO_JUDGED_BY = {
  'src/core/learn': ['src/core/care'],
  'src/core/records': ['src/core/logbook'],
};

/** Tests of half a minute, which each mutant would run. */
const TOO_LONG = ['plan/__tests__/twoBikes.test.ts', 'plan/__tests__/demo.test.ts'];

/**
 * Folders whose mutants are judged by some tests of their room only, the quickest first: the others solve whole
 * plans, which takes many times as long under mutation.
 * @type {Record<string, string[]>}
 */
const JUDGED_BY = {
  'src/core/plan/solver': ofPlan(
    ...['byHand', 'decide', 'alike', 'rules', 'works', 'plainPlan', 'parked', 'solve'],
  ),
  'src/core/plan/simulate': ofPlan(
    ...['byHand', 'oneFuture', 'routine', 'routineWins', 'policies', 'lubes', 'planBike'],
    ...['scarcity', 'follow', 'search'],
  ),
};

/** @param {string[]} names */
function ofPlan(...names) {
  return names.map((name) => `src/core/plan/__tests__/${name}.test.ts`);
}

/** Lies there for the time of a run only. */
const JUDGES = 'src/test/judges';

const folder = path.relative(ROOT, path.resolve(process.argv[2] ?? '')).replaceAll(path.sep, '/');
if (!folder.startsWith('src/core/') || !existsSync(path.join(ROOT, folder))) {
  console.error('Name a folder of src/core: npm run mutate -- src/core/care');
  process.exit(1);
}
ensureDependencies();
const room = folder.split('/').slice(0, 3).join('/');
const judges = [room, ...(ALSO_JUDGED_BY[room] ?? [])];
// One file that holds the tests of all: each mutant then loads the code once, not once a test file.
const ofRoom = judges
  .flatMap((judge) =>
    readdirSync(path.join(ROOT, judge), { recursive: true, encoding: 'utf8' }).map(
      (file) => `${judge}/${file.replaceAll(path.sep, '/')}`,
    ),
  )
  .filter((file) => file.endsWith('.test.ts'))
  .filter((file) => !TOO_LONG.some((long) => file.endsWith(long)))
  .sort();
const tests = JUDGED_BY[folder] ?? ofRoom;
const lines = tests.map((file) => {
  const from = path.relative(JUDGES, file).replaceAll(path.sep, '/').replace(/\.ts$/, '');
  return `describe('${file}', () => {\n  require('${from}');\n});\n`;
});
mkdirSync(path.join(ROOT, JUDGES), { recursive: true });
process.on('exit', () => rmSync(path.join(ROOT, JUDGES), { recursive: true, force: true }));
writeFileSync(path.join(ROOT, JUDGES, 'judges.test.ts'), lines.join(''));
run(
  'npx',
  [
    'stryker',
    'run',
    '--mutate',
    `${folder}/**/*.ts,!**/__tests__/**`,
    '--incrementalFile',
    `.setup/mutation/${folder.replaceAll('/', '-')}.json`,
  ],
  { MUTATION_JUDGES: 'yes' },
);
