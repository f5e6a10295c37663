import { PRESETS, type Bike, type Chain, type Garage } from '../garage';

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
  retired: false,
  changedAt,
});

/** The rider's door, on the lee shore; the island lies in open sea. */
export const HOME = { lat: 58.36, lon: -11.38 };

export const COMMUTER = 'demo-bike-commuter';
export const GRAVEL = 'demo-bike-gravel';
export const RACER = 'demo-bike-racer';
export const COMMUTER_CHAIN = 'demo-chain-commuter';
export const GRAVEL_CHAIN = 'demo-chain-gravel';
export const RACER_CHAINS = ['demo-chain-racer-a', 'demo-chain-racer-b'] as const;

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
    [RACER_CHAINS[0]]: chain(RACER_CHAINS[0], 'Racer chain A', 116, 12),
    [RACER_CHAINS[1]]: chain(RACER_CHAINS[1], 'Racer chain B', 116, 12),
  },
};

export const ROUTES = {
  commute: ['To the ferry quay and back', 'Quay and the baker', 'Quay, home over the causeway'],
  gravel: ['Shell-sand lanes', 'Peat track to the north light', 'Round the salt marsh'],
  race: ['Island lap', 'Causeway and both capes', 'Wednesday group', 'Hill repeats at the mill'],
} as const;
