import { spawnSync } from 'node:child_process';
import { existsSync, readdirSync } from 'node:fs';
import path from 'node:path';

const ROOT = path.join(__dirname, '../..');

/** What ESLint says of a text, were it this file. */
function linted(file: string, text: string): string {
  const args = ['eslint', '--stdin', '--stdin-filename', file, '--no-warn-ignored'];
  return spawnSync('npx', args, { cwd: ROOT, input: text, encoding: 'utf8' }).stdout;
}

describe('the house', () => {
  it.each([
    ['src/core/units/format.ts', "import { say } from '@/core/words/problems';", 'The room units'],
    ['src/core/care/model/ride.ts', "import '../replay/book';", 'The room care/model'],
    ['src/core/shelf/use.ts', "import type { Run } from '../bench/run';", 'The room shelf'],
    ['src/core/words/plan.ts', "import '../formats/backup';", 'The room words'],
  ])('lets no room look up: %s', (file, text, message) => {
    expect(linted(file, `${text}\n`)).toContain(`${message} may not look up`);
  });

  it('lets every room look down', () => {
    const down =
      "export { cellOf } from '../../weather/cells';\nexport { CARE } from './constants';\n";
    expect(linted('src/core/care/model/ride.ts', down)).toBe('');
  });

  it('has no file that passes on all of another', () => {
    const all = "export * from './state';\n";
    for (const file of ['src/core/care/model/ride.ts', 'src/ui/frame/Page.tsx'])
      expect(linted(file, all)).toContain('imported from the file that makes it');
  });

  it('is drawn as it stands: list and drawing on docs/architecture.md', () => {
    const args = ['scripts/house.mjs', '--check'];
    expect(spawnSync('node', args, { cwd: ROOT, encoding: 'utf8' }).stderr).toBe('');
  });

  it('has every sentence riders meet on docs/words.md', () => {
    const args = ['scripts/words.mjs', '--check'];
    expect(spawnSync('node', args, { cwd: ROOT, encoding: 'utf8' }).stderr).toBe('');
  });

  it('has a place in the list for every folder, and a folder for every room that is not coming', async () => {
    const list = spawnSync(
      'node',
      ['-e', "import('./scripts/rooms.mjs').then((m) => console.log(JSON.stringify(m.ROOMS)))"],
      { cwd: ROOT, encoding: 'utf8' },
    );
    const rooms = JSON.parse(list.stdout) as { name: string; coming?: true }[];
    const core = path.join(ROOT, 'src/core');
    const folders = readdirSync(core, { withFileTypes: true }).filter((e) => e.isDirectory());
    const names = new Set(rooms.map((r) => r.name.split('/')[0]));
    for (const { name } of folders) expect(names).toContain(name);
    for (const { name, coming } of rooms)
      expect(existsSync(path.join(core, name)) || existsSync(path.join(core, `${name}.ts`))).toBe(
        !coming,
      );
  });
});
