// @ts-check
import { createHash } from 'node:crypto';
import { readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { atHand, depsOf, needed, routeIn, scriptOf, textOf } from './split/modules.mjs';

/**
 * Lays out the scripts of a build anew, so that what is needed first comes first:
 *
 * 1. The frame and the first page are part of the first scripts, and drawn at once: they would be asked for as soon as those
 *    have run.
 * 2. Metro puts every module that any two lazily loaded scripts share into one script that is loaded first, though the
 *    first page needs only some of them. The others move into each script that needs them: Metro's runtime takes the
 *    first copy of a module that it meets and passes over the rest.
 * 3. What the app's main module asks for first, which reads storage, and then, which opens the logbook, become scripts of their own that
 *    run before the others: storage is read and the log played while those are still on their way. What runs the main module is one too:
 *    V8 reads the script that runs again when an error is made.
 * 4. The browser is told to compile what opens the logbook, and what draws it, whole, beside the page, since most of them runs at once.
 *
 * Usage: node scripts/splitScripts.mjs FOLDER
 */

const FIRST_ROUTES = ['./_layout.tsx', './index.tsx'];
const folder = process.argv[2] ?? 'dist';
const place = path.join(folder, '_expo', 'static', 'js', 'web');

/** @typedef {import('./split/modules.mjs').Script} Script */

/** @type {Map<string, Script>} */
const files = new Map();
for (const name of readdirSync(place).filter((file) => file.endsWith('.js'))) {
  const script = scriptOf(readFileSync(path.join(place, name), 'utf8'));
  if (script) files.set(name, script);
}
const written = [...files.keys()];

/** @param {string} start */
const named = (start) => written.find((file) => file.startsWith(start)) ?? '';
const scriptNamed = (/** @type {string} */ name) => files.get(name) ?? { modules: [], run: [] };
const common = scriptNamed(named('__common-'));
const entry = scriptNamed(named('entry-'));
// A small app shares nothing.
if (!named('__common-')) process.exit(0);

// 1. The first routes.
for (const route of FIRST_ROUTES) {
  const { table, id, script } = routeIn(entry.modules, route);
  entry.modules[entry.modules.indexOf(table)] = atHand(table, route, id);
  entry.modules.push(...scriptNamed(script).modules);
  files.delete(script);
}

// 2. What is shared.
const kept = needed(depsOf(entry.modules), common.modules);
for (const script of files.values())
  if (script !== entry && script !== common)
    script.modules.push(
      ...[...needed(depsOf(script.modules), common.modules)].filter((module) => !kept.has(module)),
    );
common.modules = common.modules.filter((module) => kept.has(module));

// 3. What reads storage; what opens the logbook, and before it all that runs before the main module.
const idRun = (/** @type {string | undefined} */ run) =>
  Number(/__r\((\d+)\)/.exec(run ?? '')?.[1]);
const before = entry.run.slice(0, -1);
const main = entry.modules.find(({ id }) => id === idRun(entry.run.at(-1)));
const [reads = NaN, opens = NaN] = main?.deps ?? [];
const all = [...entry.modules, ...common.modules];
const ahead = needed([reads], all);
const unread = all.filter((module) => !ahead.has(module));
const atOpening = needed([...before.map(idRun), opens], unread);
/** What is loaded later may need any of the first scripts, and those have run when the page says that it is read: until then it waits. */
const LOADS_LATER =
  "globalThis[__METRO_GLOBAL_PREFIX__+'__loadBundleAsync']=(path)=>new Promise((there)=>document.addEventListener('DOMContentLoaded',there,{once:true})).then(()=>globalThis[__METRO_GLOBAL_PREFIX__+'__loadBundleAsync'](path));";
const AHEAD = `ahead-${'0'.repeat(32)}.js`;
const OPENING = `opening-${'0'.repeat(32)}.js`;
files.set(AHEAD, { modules: [...ahead], run: [`__r(${reads});`] });
files.set(OPENING, { modules: [...atOpening], run: [...before, LOADS_LATER, `__r(${opens});`] });
const START = `start-${'0'.repeat(32)}.js`;
files.set(START, { modules: [], run: entry.run.slice(-1) });
entry.run = [];
for (const script of [entry, common])
  script.modules = script.modules.filter((module) => !ahead.has(module) && !atOpening.has(module));

// What a module needs has to be there once its script is.
const first = [AHEAD, OPENING, named('__common-'), named('entry-'), START];
const atFirst = new Set(first.flatMap((name) => scriptNamed(name).modules).map(({ id }) => id));
for (const [name, { modules }] of files) {
  const there = new Set(modules.map(({ id }) => id));
  const missing = depsOf(modules).filter((d) => !there.has(d) && !atFirst.has(d));
  if (missing.length) throw new Error(`${name} lacks the modules ${missing.join(', ')}`);
}

// 4. Compiled whole; a browser that does not know the hint passes over it.
const whole = [OPENING, named('entry-')];
const WHOLE = '//# allFunctionsCalledOnLoad\n';
/** @type {Map<string, string>} */
const texts = new Map(
  [...files].map(([name, script]) => [name, (whole.includes(name) ? WHOLE : '') + textOf(script)]),
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
for (const name of written) rmSync(path.join(place, name));
for (const [name, text] of texts)
  writeFileSync(path.join(place, names.get(name) ?? name), renamed(text));

// The page asks for the first scripts before all else, in the order in which they run.
const page = path.join(folder, 'index.html');
const text = readFileSync(page, 'utf8');
const tagOf = (/** @type {string} */ name) =>
  `<script src="/_expo/static/js/web/${name}" defer></script>`;
const tags = text.match(/<script src="[^"]*" defer><\/script>/g) ?? [];
const runtime = tags.filter((tag) => !first.map(tagOf).includes(tag));
if (tags.length !== runtime.length + first.length - 3)
  throw new Error('The page does not ask for the first scripts.');
const bare = tags.reduce((so, tag) => so.replace(tag, ''), text);
const head = [...runtime, ...first.map(tagOf)].join('');
writeFileSync(page, renamed(bare.replace('</title>', `</title>${head}`)));
