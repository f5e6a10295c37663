import { LUBE_CLASS_NAMES } from '../lube/classes';
import type { Garage } from '../records/garage';
import { MEASURES } from '../help/measures';
import { TERMS } from '../help/terms';
import { handbookLines } from '../words/faults/handbook';
import { CAUSE_WORDS } from '../words/faults/causes';
import { causesFor, entryOf } from '../faults/handbook';
import { kindText } from '../words/shelf';
import { placeOf } from '../words/titles';
import type { Findable } from './find';
import { PAGES } from './pages';

/** Handbooks, help and pages: the same for every rider. */
export const fixedThings = (): Findable[] => [
  ...PAGES.map(([path, words]) => ({
    id: `page ${path}`,
    kind: 'page' as const,
    title: placeOf(path) ?? path,
    line: 'Page',
    words,
    href: path,
  })),
  ...causesFor(null).map((cause) => ({
    id: `noise ${cause}`,
    kind: 'noise' as const,
    title: CAUSE_WORDS[cause].name,
    line: CAUSE_WORDS[cause].what,
    words: [CAUSE_WORDS[cause].mend, ...handbookLines(entryOf(cause))].join(' '),
    href: `/bench/noises?cause=${encodeURIComponent(cause)}`,
  })),
  ...LUBE_CLASS_NAMES.map((name) => ({
    id: `lube ${name}`,
    kind: 'product' as const,
    title: `${name} lube`,
    line: 'Handbook',
    words: 'class of lube',
    href: '/shelf/handbook',
  })),
  ...Object.entries(MEASURES).map(([name, { title, says, formula }]) => ({
    id: `measure ${name}`,
    kind: 'measure' as const,
    title,
    line: says,
    words: formula,
    href: `/book/words?measure=${name}`,
  })),
  ...Object.entries(TERMS).map(([name, term]) => ({
    id: `word ${name}`,
    kind: 'word' as const,
    title: term.word,
    line: term.says,
    words: 'also' in term ? term.also : '',
    href: `/book/words?word=${encodeURIComponent(name)}`,
  })),
];

/** Bikes, chains, parts and products. */
export const thingsInGarage = ({ bikes, chains, parts, products }: Garage): Findable[] => [
  ...Object.values(bikes).map(({ id, name }) => ({
    id: `bike ${id}`,
    kind: 'bike' as const,
    title: name,
    line: 'Bike',
    words: 'bike',
    href: `/book/bike/${id}`,
  })),
  ...Object.values(chains).map(({ id, name }) => ({
    id: `chain ${id}`,
    kind: 'bike' as const,
    title: name,
    line: 'Chain',
    words: 'chain wear',
    href: `/book/chain/${id}`,
  })),
  ...Object.values(parts).map(({ id, name }) => ({
    id: `part ${id}`,
    kind: 'bike' as const,
    title: name,
    line: 'Part',
    words: 'part',
    href: `/book/part/${id}`,
  })),
  ...Object.values(products).map((product) => ({
    id: `product ${product.id}`,
    kind: 'product' as const,
    title: product.name,
    line: kindText(product),
    words: 'bottle shelf',
    href: `/shelf/product/${product.id}`,
  })),
];
