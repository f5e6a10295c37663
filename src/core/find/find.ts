import MiniSearch from 'minisearch';

/** What kind of thing was found; results stand in this order. */
export const FOUND_KINDS = [
  'page',
  'bike',
  'product',
  'ride',
  'entry',
  'noise',
  'measure',
  'word',
] as const;
export type FoundKind = (typeof FOUND_KINDS)[number];

/** Something that can be found, and where it opens. */
export interface Findable {
  id: string;
  kind: FoundKind;
  title: string;
  /** Shown under the title. */
  line: string;
  /** More words it is found by. */
  words: string;
  href: string;
}

export interface Found {
  kind: FoundKind;
  items: Findable[];
  /** All there are; `items` are the best of them. */
  count: number;
}

/** Answers what is typed with what is found, by kind. */
export type Finder = (typed: string, most?: number) => Found[];

const MOST_OF_A_KIND = 6;

/**
 * Makes an index of what can be found. Every word that is typed must be there, as the beginning of a word or, from five
 * letters on, with one letter wrong; a title counts more than what stands under it. Rides and entries stay in the order they were given.
 */
export function finderOf(things: readonly Findable[]): Finder {
  const byId = new Map(things.map((thing) => [thing.id, thing]));
  const place = new Map(things.map(({ id }, n) => [id, n]));
  const asGiven = (a: Findable, b: Findable) => (place.get(a.id) ?? 0) - (place.get(b.id) ?? 0);
  const index = new MiniSearch<Findable>({ fields: ['title', 'line', 'words'] });
  index.addAll(things);
  return (typed, most = MOST_OF_A_KIND) => {
    const hits = index.search(typed, {
      combineWith: 'AND',
      prefix: true,
      fuzzy: (term) => (term.length >= 5 ? 1 : false),
      boost: { title: 3 },
    });
    const found = hits.flatMap((hit) => byId.get(hit.id as string) ?? []);
    return FOUND_KINDS.flatMap((kind) => {
      const items = found.filter((thing) => thing.kind === kind);
      // Of the log the newest matter most, however well others fit.
      if (kind === 'ride' || kind === 'entry') items.sort(asGiven);
      return items.length > 0 ? [{ kind, items: items.slice(0, most), count: items.length }] : [];
    });
  };
}
