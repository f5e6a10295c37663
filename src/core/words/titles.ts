/** What each place is called in the title of the browser's tab; the first path that fits counts. */
const TITLES: readonly (readonly [path: string, title: string])[] = [
  ['/rides/log', 'Log a ride'],
  ['/rides/import', 'Import rides'],
  ['/rides/arrived', 'What we understood'],
  ['/rides/', 'A ride'],
  ['/rides', 'Rides'],
  ['/bench/do', 'At the bench'],
  ['/bench/record', 'Record work'],
  ['/bench/noises', 'Handbook of noises'],
  ['/bench/noise', 'Find the noise'],
  ['/bench/listen', 'Listen to the chain'],
  ['/bench/new', 'A new chain'],
  ['/bench/road', 'On the road'],
  ['/bench/rounds', 'Slower rounds'],
  ['/bench', 'Bench'],
  ['/plan/rides', 'Planned rides'],
  ['/plan', 'The plan'],
  ['/shelf/choose', 'Which lube?'],
  ['/shelf/dose', 'Doses and mixing'],
  ['/shelf/handbook', 'Handbook'],
  ['/shelf/product', 'A product'],
  ['/shelf', 'Shelf'],
  ['/book/garage', 'Garage'],
  ['/book/history', 'History'],
  ['/book/trials/new', 'Plan a trial'],
  ['/book/trials/', 'A trial'],
  ['/book/trials', 'Trials'],
  ['/book/money', 'Money'],
  ['/book/watts', 'Watts'],
  ['/book/years', 'Years'],
  ['/book/one-year', 'Your year'],
  ['/book/carry', 'To another device'],
  ['/book/files', 'Files'],
  ['/book/settings', 'Settings'],
  ['/book/words', 'Words and measures'],
  ['/find', 'Find'],
  ['/book/bike', 'A bike'],
  ['/book/new-chain', 'A new chain'],
  ['/book/chain', 'A chain'],
  ['/book', 'Book'],
];

/** The title of a place: "Rides · Dapper Spoke". */
export function titleOf(path: string): string {
  const title = placeOf(path);
  return title ? `${title} · Dapper Spoke` : 'Dapper Spoke';
}

/** What a place is called: "Rides"; null: it is not known. */
export const placeOf = (path: string): string | null =>
  path === '/' ? 'Today' : (TITLES.find(([of]) => path.startsWith(of))?.[1] ?? null);
