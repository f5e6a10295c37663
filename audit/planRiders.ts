import { startState } from '@/core/care/model/state';
import { Chance } from '@/core/chance/chance';
import { PRESETS, type BikeKind } from '@/core/garage/presets';
import type { StoragePlace, Surface } from '@/core/records/kinds';
import { LUBE_CLASS_NAMES, type LubeClass } from '@/core/lube/classes';
import type { BikeNow, PlanRequest } from '@/core/plan/agenda/request';
import type { RideAhead } from '@/core/plan/rides/occurrences';
import { DEFAULT_SETTINGS } from '@/core/settings/defaults';
import type { Product } from '@/core/records/product';
import { daysAfter } from '@/core/time/dates';
import { productOf } from '@/test/products';
import { MS_PER_DAY, MS_PER_HOUR } from '@/core/units/convert';

/** A Tuesday morning in each month of a year, one after the other. */
const FIRST_MONTH = Date.UTC(2026, 0, 6, 9);
const PLACES = [
  { lat: 58.2, lon: -11.8 },
  { lat: 58.2, lon: -11.2 },
  { lat: 58.6, lon: -11.5 },
  { lat: 57, lon: -11.5 },
];
const KINDS: readonly BikeKind[] = ['road', 'gravel', 'town', 'e-bike'];
const STANDS: readonly StoragePlace[] = ['indoors', 'shed', 'outdoors'];
const PLAN_FUTURES = 20;

const bottle = (lubeClass: LubeClass, chance: Chance): Product =>
  productOf({
    id: lubeClass,
    name: `House ${lubeClass}`,
    lubeClass,
    price: 6 + 12 * chance.uniform(),
    leftAt: '2026-01-01T00:00:00.000Z',
  });

/** Two to five rides a week, each on its weekday and as long as it was drawn, over the days of the plan. */
function ridesFrom(now: number, days: number, surface: Surface, chance: Chance): RideAhead[] {
  const usualKm = 12 + 70 * chance.uniform();
  const share = 0.3 + 0.5 * chance.uniform();
  const weekdays = Array.from({ length: 7 }, () => chance.uniform() < share);
  const rides: RideAhead[] = [];
  for (let d = 0; d <= days; d++) {
    const at = now + d * MS_PER_DAY - 2 * MS_PER_HOUR;
    if (at < now || !weekdays[new Date(at).getUTCDay()]) continue;
    const km = usualKm * (0.7 + 0.6 * chance.uniform());
    const hours = km / 22;
    const date = daysAfter(new Date(now).toISOString().slice(0, 10), d);
    rides.push({
      plannedId: 'habit',
      bikeId: 'b',
      title: 'Ride',
      date,
      time: '07:00',
      at,
      end: at + hours * MS_PER_HOUR,
      km,
      hours,
      surface,
      weight: 'ordinary',
      assumed: true,
    });
  }
  return rides;
}

function bikeOf(lube: LubeClass, now: number, chance: Chance): BikeNow {
  const kind = chance.pick(KINDS);
  const { specs, links } = PRESETS[kind];
  const common = { retired: false, changedAt: '2026-01-01T00:00:00.000Z' };
  const start = { lube, kmSinceLube: 0, look: 'clean', kmBefore: 500, wearPercent: 0.1 } as const;
  const state = startState(start, now - MS_PER_DAY);
  const film = chance.uniform();
  const outside = 0.5 * chance.uniform();
  return {
    bike: { ...specs, ...common, id: 'b', name: kind, storage: chance.pick(STANDS) },
    chain: {
      ...common,
      id: 'c',
      name: 'c',
      links,
      speeds: specs.speeds,
      closure: 'reusable link',
      openingsAllowed: null,
      directional: false,
      price: null,
    },
    state: {
      ...state,
      film,
      worn: 1 - film,
      outside,
      outsideFrom: outside,
      inside: 0.35 * chance.uniform(),
    },
    cogs: 0.4 * chance.uniform(),
    due: { lube: null, dirt: null, inside: false, quiet: true, rusts: false },
    factors: { life: 1, grit: 1, wear: 1 },
    own: {},
    lifeSigma: 0.35,
    gritSigma: 0.35,
    wearSigma: 0.35,
    openings: 0,
    lastLube: lube,
    wearLimit: specs.speeds >= 11 ? 0.5 : 0.75,
    cleanedAt: now - 14 * MS_PER_DAY,
    jobsDone: 0,
    forecast: null,
    place: chance.pick(PLACES),
    road: null,
  };
}

/** Returns what the planner is asked for a rider drawn at random, with one bike and one to three bottles. */
export function planRider(seed: number): PlanRequest {
  const chance = new Chance(seed, 403);
  const now = FIRST_MONTH + (seed % 12) * 28 * MS_PER_DAY;
  const oils = LUBE_CLASS_NAMES.filter((l) => l !== 'hot wax' && l !== 'light oil');
  const classes = Array.from({ length: 1 + Math.floor(3 * chance.uniform()) }, () =>
    chance.pick(oils),
  );
  const products = Object.fromEntries(classes.map((c) => [c, bottle(c, chance)]));
  const lube = chance.pick(classes);
  const bike = bikeOf(lube, now, chance);
  const surface = bike.bike.name === 'gravel' ? 'gravel' : 'paved';
  const { days } = DEFAULT_SETTINGS.plan;
  return {
    now,
    zone: 'UTC',
    bikes: [bike],
    products,
    left: Object.fromEntries(classes.map((c) => [c, 100])),
    settings: DEFAULT_SETTINGS,
    rides: ridesFrom(now, days + 1, surface, chance),
    marks: [],
    whatIf: 'forecast',
    futures: PLAN_FUTURES,
    seed: 1907,
  };
}
