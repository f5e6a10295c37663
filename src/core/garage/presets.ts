import type { Bike } from '../records/garage';

/** A bike as it usually is, for starting from one tap. Common practice; every figure can be changed. */
export type BikeKind = 'road' | 'gravel' | 'town' | 'mountain' | 'e-bike';

export type BikeSpecs = Omit<Bike, 'id' | 'name' | 'retired' | 'changedAt'>;

const usual: BikeSpecs = {
  rings: [50, 34],
  smallestCog: 11,
  largestCog: 34,
  cogs: null,
  chainstayMm: null,
  chainlineMm: null,
  speeds: 11,
  gear: 'derailleur',
  drive: 'freewheel',
  brake: 'disc, hydraulic',
  mudguards: false,
  chainCase: false,
  ebike: false,
  storage: 'indoors',
  wheel: 'thru axle',
  narrowWide: false,
  frame: 'gloss',
};

export const PRESETS: Record<BikeKind, { name: string; links: number; specs: BikeSpecs }> = {
  road: { name: 'Road bike', links: 114, specs: usual },
  gravel: {
    name: 'Gravel bike',
    links: 114,
    specs: { ...usual, rings: [46, 30], storage: 'shed' },
  },
  town: {
    name: 'Town bike',
    links: 112,
    specs: {
      ...usual,
      rings: [42],
      speeds: 8,
      brake: 'rim',
      mudguards: true,
      storage: 'shed',
      wheel: 'nuts',
    },
  },
  mountain: {
    name: 'Mountain bike',
    links: 118,
    specs: {
      ...usual,
      rings: [32],
      smallestCog: 10,
      largestCog: 51,
      speeds: 12,
      storage: 'shed',
      narrowWide: true,
    },
  },
  'e-bike': {
    name: 'E-bike',
    links: 118,
    specs: { ...usual, rings: [38], speeds: 10, mudguards: true, ebike: true, storage: 'shed' },
  },
};

export const BIKE_KINDS = Object.keys(PRESETS) as BikeKind[];
