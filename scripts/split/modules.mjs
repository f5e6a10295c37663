// @ts-check

/**
 * What Metro writes, read back: a script is a row of modules, each with the ids of those it needs, and at its end what is run.
 *
 * @typedef {{ id: number, code: string, deps: number[], paths: Record<string, string> }} Module
 * `deps` is needed at once; `paths`: scripts that are loaded later, by the id of the module they are loaded for.
 * @typedef {{ modules: Module[], run: string[] }} Script
 */

const TAIL = /,(\d+),(\[[\d,]*\]|\{"0":[^{}]*(?:\{[^{}]*\})?\})\);?\s*$/;

/** @param {string} code @returns {Module} */
function moduleOf(code) {
  const found = TAIL.exec(code);
  if (!found?.[2]) throw new Error(`No module can be read in “${code.slice(-120)}”`);
  const listed = JSON.parse(found[2]);
  const { paths = {}, ...rest } = Array.isArray(listed) ? { ...listed } : listed;
  const deps = Object.values(rest).filter((id) => !(id in paths));
  return { id: Number(found[1]), code, deps, paths };
}

/** The modules of a script and what it runs; null for one that stands for itself: those of workers, and Metro's own. @param {string} text @returns {Script | null} */
export function scriptOf(text) {
  if (!text.startsWith('__d(')) return null;
  const parts = text.split(/\n(?=__d\()|\n(?=__r\()/);
  const run = parts.filter((part) => !part.startsWith('__d('));
  return { modules: parts.filter((part) => !run.includes(part)).map(moduleOf), run };
}

/** @param {Script} script */
export const textOf = ({ modules, run }) => [...modules.map(({ code }) => code), ...run].join('\n');

/** @param {readonly Module[]} modules */
export const depsOf = (modules) => modules.flatMap(({ deps }) => deps);

/**
 * Of some modules those that are meant by their ids, and what these need, at once or through each other.
 * @param {Iterable<number>} ids @param {readonly Module[]} among @returns {Set<Module>}
 */
export function needed(ids, among) {
  const byId = new Map(among.map((module) => [module.id, module]));
  const found = new Set();
  const next = [...ids];
  for (let id = next.pop(); id !== undefined; id = next.pop()) {
    const module = byId.get(id);
    if (!module || found.has(module)) continue;
    found.add(module);
    next.push(...module.deps);
  }
  return found;
}

/**
 * Where a route is loaded from in a table, whatever the build calls `require` and the list of ids.
 * @param {string} route
 */
const entryOf = (route) =>
  new RegExp(
    `(?<before>"${route.replaceAll('.', '\\.')}":\\{[^}]*?=>)(?<req>[\\w$]+)\\((?<ids>[\\w$]+)\\[\\d+\\]\\)\\(\\k<ids>\\[(?<place>\\d+)\\],\\k<ids>\\.paths\\)`,
  );

/**
 * The table of routes among modules, and the script that one of them is loaded from.
 * @param {readonly Module[]} modules @param {string} route
 */
export function routeIn(modules, route) {
  for (const table of modules) {
    const place = entryOf(route).exec(table.code)?.groups?.place;
    if (place === undefined) continue;
    const id = JSON.parse(TAIL.exec(table.code)?.[2] ?? '{}')[place];
    return { table, id: String(id), script: String(table.paths[id]).split('/').at(-1) ?? '' };
  }
  throw new Error(`The build has no route “${route}” that is loaded later.`);
}

/**
 * The table with a route at hand that it would have loaded: the router then draws it without a placeholder before.
 * @param {Module} table @param {string} route @param {string} id of the route’s module @returns {Module}
 */
export function atHand(table, route, id) {
  const code = table.code
    .replace(entryOf(route), '$<before>$<req>($<ids>[$<place>])')
    .replace(TAIL, (_, own, listed) => {
      const { paths, ...ids } = JSON.parse(listed);
      delete paths[id];
      return `,${own},${JSON.stringify({ ...ids, paths })});`;
    });
  return moduleOf(code);
}
