/** Pages of one thing, by how their paths begin, that are opened from the garage. */
const IN_GARAGE = /^\/book\/(bike|chain|part|wear|service|new-chain)\//;
/** Pages others are opened from, the deepest first. */
const ABOVE = ['/book/trials', '/rides', '/plan', '/bench', '/shelf', '/book'];

/** The page that one is left for by Escape: the list it was opened from, or its place; null: it is a place itself. */
export const placeAbove = (path: string): string | null =>
  IN_GARAGE.test(path)
    ? '/book/garage'
    : (ABOVE.find((above) => path.startsWith(`${above}/`)) ?? null);
