import { Replay } from '@/core/care/replay/replay';
import { reportOn } from '@/core/care/verdict/report';
import { usualWanted, type AtTheBench } from '@/core/bench/offer';
import { DEFAULT_SETTINGS } from '@/core/settings/defaults';
import { STORAGE_AIR } from '@/core/weather/drying';
import { TEST_GARAGE } from './arbitraries';
import { stamped } from './events';

const FITTED = '2026-05-01T08:00:00.000Z';

/** A chain with wet lube, ridden 300 km, on the first bike of the tests' garage, at the bench. */
export function atBench(): AtTheBench {
  const start = {
    lube: 'wet',
    kmSinceLube: 300,
    look: 'used',
    kmBefore: 300,
    wearPercent: null,
  } as const;
  const replay = new Replay(
    TEST_GARAGE,
    stamped([{ type: 'chainFitted', at: FITTED, chainId: 'c1', bikeId: 'b1', start }]),
  );
  const { bike, chain, state, cogs } = reportOn(
    replay,
    'b1',
    DEFAULT_SETTINGS,
    Date.parse(FITTED),
  )!;
  return {
    ...{ bike, chain, state, cogs },
    air: STORAGE_AIR.indoors,
    next: null,
    openings: 0,
    rested: [],
    products: {},
    settings: DEFAULT_SETTINGS,
  };
}

/** A job with wet lube and a brush, nothing beside. */
export const WANTED = usualWanted({ lube: 'wet', bottleId: null }, DEFAULT_SETTINGS.workshop);
