/** What a route may hand out beside its page: the pieces that it, or the frame of its place, shows first. */
export interface RouteModule {
  pieces?: () => Promise<unknown>;
}

/** The table of all routes: their files, and what loads one. */
export interface Routes {
  (file: string): RouteModule | Promise<RouteModule>;
  keys: () => string[];
}

/** Loads the page that a path leads to, with what it shows first; null where no file of a route fits. */
export type LoadPage = (path: string) => Promise<unknown> | null;

/** The files that may hold the page of a path, as the router names them. */
const filesOf = (path: string): string[] => {
  const way = (path.split(/[?#]/)[0] ?? '').replace(/\/$/, '');
  return [`.${way}.tsx`, `.${way}/index.tsx`, `.${way.replace(/[^/]+$/, '[id]')}.tsx`];
};

/** Returns what loads pages from a table of routes, each once; what could not be loaded is asked for again. */
export function pageLoader(routes: Routes): LoadPage {
  const files = new Set(routes.keys());
  const loads = new Map<string, Promise<unknown>>();
  const load = async (file: string) => (await routes(file)).pieces?.();
  return (path) => {
    const file = filesOf(path).find((name) => files.has(name));
    if (!file) return null;
    const loading = loads.get(file) ?? load(file);
    loads.set(file, loading);
    loading.catch(() => loads.delete(file));
    return loading;
  };
}
