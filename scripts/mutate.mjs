// @ts-check
import { existsSync } from 'node:fs';
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

const folder = path.relative(ROOT, path.resolve(process.argv[2] ?? '')).replaceAll(path.sep, '/');
if (!folder.startsWith('src/core/') || !existsSync(path.join(ROOT, folder))) {
  console.error('Name a folder of src/core: npm run mutate -- src/core/care');
  process.exit(1);
}
ensureDependencies();
const room = folder.split('/').slice(0, 3).join('/');
const judges = [room, ...(ALSO_JUDGED_BY[room] ?? [])];
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
  { MUTATION_JUDGES: judges.join(',') },
);
