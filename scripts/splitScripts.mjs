// @ts-check
import { createHash } from 'node:crypto';
import { readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';

/**
 * Metro puts every module that any two lazily loaded scripts share into one script that is loaded first, though
 * the first page needs only some of them. Here the others move into each script that needs them: Metro's runtime
 * takes the first copy of a module that it meets and passes over the rest.
 *
 * Usage: node scripts/splitScripts.mjs FOLDER
 */

const FIRST_ROUTES = ['./_layout.tsx', './index.tsx'];
const folder = process.argv[2] ?? 'dist';
const scripts = path.join(folder, '_expo', 'static', 'js', 'web');

/** @typedef {{ id: number, code: string, deps: number[], paths: Record<string, string> }} Module */

/** @param {string} code @returns {Module} */
function moduleOf(code) {
  const found = /,(\d+),(\[[\d,]*\]|\{"0":[^{}]*(?:\{[^{}]*\})?\})\);?\s*$/.exec(code);
  if (!found?.[2]) throw new Error(`No module can be read in “${code.slice(-120)}”`);
  const listed = JSON.parse(found[2]);
  const { paths = {}, ...rest } = Array.isArray(listed) ? { ...listed } : listed;
  const deps = Object.values(rest).filter((id) => !(id in paths));
  return { id: Number(found[1]), code, deps, paths };
}

/** Modules by file, of the scripts that share one set of modules: those of workers stand for themselves. */
const files = new Map(
  readdirSync(scripts)
    .filter((name) => name.endsWith('.js'))
    .map((name) => /** @type {const} */ ([name, readFileSync(path.join(scripts, name), 'utf8')]))
    .filter(([, text]) => text.startsWith('__d('))
    .map(([name, text]) => {
      const parts = text.split(/\n(?=__d\()|\n(?=__r\()/);
      const run = parts.filter((part) => !part.startsWith('__d('));
      return [name, { modules: parts.filter((part) => !run.includes(part)).map(moduleOf), run }];
    }),
);

/** @param {string} start */
const named = (start) => [...files.keys()].find((file) => file.startsWith(start));
const common = named('__common-') ?? '';
const entry = named('entry-') ?? '';
// A small app shares nothing.
if (!common) process.exit(0);
const modulesOf = (/** @type {string} */ name) => files.get(name)?.modules ?? [];
const shared = new Map(modulesOf(common).map((module) => [module.id, module]));

/** The shared modules that these modules need, at once or through each other. @param {Module[]} from */
function sharedNeededBy(from) {
  const needed = new Set();
  const next = [...from];
  for (let module = next.pop(); module; module = next.pop())
    for (const id of module.deps) {
      const dep = shared.get(id);
      if (!dep || needed.has(dep)) continue;
      needed.add(dep);
      next.push(dep);
    }
  return needed;
}

/** The script a route is in. @param {string} route */
function scriptOf(route) {
  const table = modulesOf(entry).find(({ code }) => code.includes(`"${route}":{`));
  const index = new RegExp(`"${route.replaceAll('.', '\\.')}":\\{[^}]*?\\(d\\[(\\d+)\\],`).exec(
    table?.code ?? '',
  );
  const listed = /,\d+,(\{"0":.*\})\);?\s*$/.exec(table?.code ?? '');
  if (!index?.[1] || !listed?.[1]) throw new Error(`The build has no route “${route}”`);
  const { paths, ...ids } = JSON.parse(listed[1]);
  return path.basename(paths[ids[index[1]]]);
}

const first = [entry, ...FIRST_ROUTES.map(scriptOf)].flatMap(modulesOf);
const kept = sharedNeededBy(first);
for (const [name, { modules }] of files)
  if (name !== entry && name !== common)
    modules.push(...[...sharedNeededBy(modules)].filter((module) => !kept.has(module)));
const commonFile = files.get(common);
if (commonFile) commonFile.modules = commonFile.modules.filter((module) => kept.has(module));

// What a module needs has to be there once its script is.
const atFirst = new Set([...modulesOf(entry), ...modulesOf(common)].map(({ id }) => id));
for (const [name, { modules }] of files) {
  const there = new Set(modules.map(({ id }) => id));
  const missing = modules
    .flatMap(({ deps }) => deps)
    .filter((d) => !there.has(d) && !atFirst.has(d));
  if (missing.length) throw new Error(`${name} lacks the modules ${missing.join(', ')}`);
}

/** @type {Map<string, string>} */
const texts = new Map(
  [...files].map(([name, { modules, run }]) => [
    name,
    [...modules.map(({ code }) => code), ...run].join('\n'),
  ]),
);

// A name changes with what is in the script, and in all it leads to: a browser keeps a script by its name.
/** @param {string} name */
function hashOf(name) {
  const reached = new Set([name]);
  for (const from of reached)
    for (const to of texts.keys()) if (texts.get(from)?.includes(to)) reached.add(to);
  const hash = createHash('md5');
  for (const file of [...reached].sort()) hash.update(texts.get(file) ?? '');
  return hash.digest('hex');
}
const names = new Map(
  [...texts.keys()].map((name) => [name, name.replace(/-[0-9a-f]{32}/, `-${hashOf(name)}`)]),
);
const renamed = (/** @type {string} */ text) =>
  [...names].reduce((so, [was, is]) => so.replaceAll(was, is), text);
for (const [name, text] of texts) {
  rmSync(path.join(scripts, name));
  writeFileSync(path.join(scripts, names.get(name) ?? name), renamed(text));
}
// The first page's own scripts are asked for with the first ones, not when these have run.
const preloads = FIRST_ROUTES.map(scriptOf).map(
  (name) => `<link rel="preload" href="/_expo/static/js/web/${name}" as="script">`,
);
const page = path.join(folder, 'index.html');
const html = readFileSync(page, 'utf8').replace('</head>', `${preloads.join('')}</head>`);
writeFileSync(page, renamed(html));
