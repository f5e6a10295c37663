// @ts-check
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import ts from 'typescript';
import { ROOMS } from './rooms.mjs';
import { ROOT } from './setup.mjs';

/**
 * Draws the house from its imports: the list of rooms and which room looks into which, written between marks
 * in docs/architecture.md. With `--check` it writes nothing and fails when the page is behind.
 */
const CORE = path.join(ROOT, 'src/core');
const PAGE = path.join(ROOT, 'docs/architecture.md');

/** The room a file of core lies in, by its path within core. @param {string} file */
function roomOf(file) {
  const folders = path.dirname(file).split(path.sep);
  const inner = folders.slice(0, 2).join('/');
  if (ROOMS.some((r) => r.name === inner)) return inner;
  return folders[0] === '.' ? path.basename(file, '.ts') : (folders[0] ?? '');
}

/** The file of core a specifier names, if it is one. @param {string} from @param {string} specifier */
function target(from, specifier) {
  const base = specifier.startsWith('@/core/')
    ? path.join(CORE, specifier.slice('@/core/'.length))
    : specifier.startsWith('.')
      ? path.resolve(CORE, path.dirname(from), specifier)
      : null;
  const file = base && [`${base}.ts`, path.join(base, 'index.ts')].find((f) => existsSync(f));
  return file ? path.relative(CORE, file) : null;
}

/** Which rooms each room looks into. */
function looks() {
  /** @type {Map<string, Set<string>>} */
  const into = new Map(ROOMS.map((r) => [r.name, new Set()]));
  const files = readdir();
  for (const file of files) {
    const { importedFiles } = ts.preProcessFile(readFileSync(path.join(CORE, file), 'utf8'));
    for (const { fileName } of importedFiles) {
      const found = target(file, fileName);
      if (found && roomOf(found) !== roomOf(file)) into.get(roomOf(file))?.add(roomOf(found));
    }
  }
  return into;
}

const readdir = () =>
  ts.sys
    .readDirectory(CORE, ['.ts'], ['**/__tests__/**'])
    .map((f) => path.relative(CORE, f))
    .sort();

/** Leaves out what follows from the rest: a look through a room that is looked into anyway. @param {Map<string, Set<string>>} into */
function short(into) {
  /** @param {string} from @param {string} to @param {Set<string>} seen @returns {boolean} */
  const leads = (from, to, seen) =>
    [...(into.get(from) ?? [])].some(
      (next) =>
        next === to || (!seen.has(next) && seen.add(next).size > 0 && leads(next, to, seen)),
    );
  return [...into].flatMap(([from, all]) =>
    [...all]
      .filter((to) => ![...all].some((via) => via !== to && leads(via, to, new Set())))
      .map((to) => /** @type {const} */ ([from, to])),
  );
}

const id = (/** @type {string} */ name) => name.replace('/', '_');

const list = ROOMS.map(
  ({ name, holds, coming }) => `- \`${name}\`: ${holds}${coming ? ' (coming)' : ''}`,
).join('\n');
const drawing = [
  '```mermaid',
  'flowchart BT',
  ...ROOMS.filter((r) => !r.coming).map(({ name }) => `  ${id(name)}["${name}"]`),
  ...short(looks()).map(([from, to]) => `  ${id(from)} --> ${id(to)}`),
  '```',
].join('\n');

/** @param {string} page @param {string} mark @param {string} text */
const between = (page, mark, text) =>
  page.replace(
    new RegExp(`(<!-- ${mark} -->\n)[\\s\\S]*?(\n<!-- /${mark} -->)`),
    (_, from, to) => `${from}\n${text}\n${to}`,
  );

const page = readFileSync(PAGE, 'utf8');
const drawn = between(between(page, 'rooms', list), 'house', drawing);
if (process.argv.includes('--check')) {
  if (drawn !== page) {
    console.error('docs/architecture.md is behind the rooms and imports: run npm run house.');
    process.exit(1);
  }
} else writeFileSync(PAGE, drawn);
