import { PRESETS } from '../garage/presets';
import type { Bike, Chain, Garage, Part } from '../records/garage';
import type { PartKind } from '../records/kinds';
import type { Product } from '../records/product';

/**
 * The demo's island: Sandholm, with a ferry quay, a causeway that floods, shell-sand lanes, a peat
 * track and salt wind. All of it made up, like the rider and the three bikes.
 */
const changedAt = '2026-01-01T00:00:00.000Z';

const bike = (id: string, name: string, more: Partial<Bike>): Bike => ({
  ...PRESETS.road.specs,
  id,
  name,
  storage: 'shed',
  wheel: 'thru axle',
  narrowWide: false,
  frame: 'gloss',
  retired: false,
  changedAt,
  ...more,
});

const chain = (id: string, name: string, links: number, speeds: number): Chain => ({
  id,
  name,
  links,
  speeds,
  closure: 'reusable link',
  openingsAllowed: 8,
  directional: false,
  price: 32,
  retired: false,
  changedAt,
});

const product = (id: string, name: string, more: Partial<Product>): Product => ({
  id,
  name,
  kind: 'lube',
  lubeClass: null,
  size: 100,
  price: null,
  openedOn: '2026-03-01T09:00:00.000Z',
  left: 100,
  leftAt: '2026-03-01T09:00:00.000Z',
  lifeKm: null,
  setHours: null,
  shake: false,
  leastC: null,
  dilution: null,
  forChains: true,
  sparesWax: false,
  retired: false,
  changedAt,
  ...more,
});

/** Invented bottles with plain names. */
export const SHELF = {
  wet: product('demo-wet', 'House wet lube', { lubeClass: 'wet', price: 9.5, left: 100 }),
  allWeather: product('demo-all', 'Quay all-weather', {
    lubeClass: 'all-weather',
    price: 11,
    size: 120,
    left: 120,
  }),
  dripWax: product('demo-drip', 'Chandler’s drip wax', {
    lubeClass: 'drip wax',
    price: 14,
    size: 120,
    left: 120,
  }),
  dry: product('demo-dry', 'Shell-sand dry lube', {
    lubeClass: 'dry',
    price: 8,
    size: 60,
    left: 60,
  }),
  degreaser: product('demo-degreaser', 'Citrus degreaser', {
    kind: 'degreaser',
    price: 12,
    size: 5000,
    left: 5000,
    dilution: 1,
  }),
  solvent: product('demo-solvent', 'Rag solvent', {
    kind: 'solvent',
    price: 6,
    size: 500,
    left: 500,
  }),
  rags: product('demo-rags', 'Old towels, cut up', {
    kind: 'rags',
    size: 80,
    left: 80,
  }),
} as const;

/** The rider's door, on the lee shore; the island lies in open sea. */
export const HOME = { lat: 58.36, lon: -11.38 };

export const COMMUTER = 'demo-bike-commuter';
export const GRAVEL = 'demo-bike-gravel';
export const RACER = 'demo-bike-racer';
export const COMMUTER_CHAIN = 'demo-chain-commuter';
export const GRAVEL_CHAIN = 'demo-chain-gravel';
export const RACER_CHAINS = ['demo-chain-racer-a', 'demo-chain-racer-b'] as const;

const part = (id: string, name: string, kind: PartKind): Part => ({
  id,
  name,
  kind,
  price: kind === 'cassette' ? 58 : 18,
  end: null,
  retired: false,
  changedAt,
});

/** What wears with the chains. */
export const PARTS = {
  commuter: part('demo-cassette-commuter', 'Commuter cassette', 'cassette'),
  gravel: part('demo-cassette-gravel', 'Gravel cassette', 'cassette'),
  jockeys: part('demo-jockeys-gravel', 'Gravel jockey wheels', 'jockey wheels'),
  racer: part('demo-cassette-racer', 'Racer cassette', 'cassette'),
  spare: part('demo-cassette-spare', 'Hill cassette', 'cassette'),
} as const;

export const ISLAND_GARAGE: Garage = {
  bikes: {
    [COMMUTER]: bike(COMMUTER, 'Quay commuter', {
      rings: [42],
      largestCog: 36,
      speeds: 9,
      brake: 'disc, cable',
      mudguards: true,
    }),
    [GRAVEL]: bike(GRAVEL, 'Peat track gravel bike', { rings: [46, 30] }),
    [RACER]: bike(RACER, 'Sunday racer', {
      rings: [52, 36],
      largestCog: 30,
      speeds: 12,
      brake: 'rim',
      storage: 'indoors',
    }),
  },
  chains: {
    [COMMUTER_CHAIN]: chain(COMMUTER_CHAIN, 'Commuter chain', 112, 9),
    [GRAVEL_CHAIN]: chain(GRAVEL_CHAIN, 'Gravel chain', 114, 11),
    [RACER_CHAINS[0]]: chain(RACER_CHAINS[0], 'Racer chain A', 110, 12),
    [RACER_CHAINS[1]]: chain(RACER_CHAINS[1], 'Racer chain B', 110, 12),
  },
  products: Object.fromEntries(Object.values(SHELF).map((p) => [p.id, p])),
  planned: {},
  parts: Object.fromEntries(Object.values(PARTS).map((p) => [p.id, p])),
  planMarks: {},
  trials: {},
};

export const ROUTES = {
  commute: ['To the ferry quay and back', 'Quay and the baker', 'Quay, home over the causeway'],
  gravel: ['Shell-sand lanes', 'Peat track to the north light', 'Round the salt marsh'],
  race: ['Island lap', 'Causeway and both capes', 'Wednesday group', 'Hill repeats at the mill'],
} as const;
