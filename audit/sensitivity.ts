import { mean } from 'simple-statistics';
import { CARE, type Constant } from '@/core/care/model/constants';
import { extraWatts } from '@/core/care/model/state';
import { GROUND, GROUND_SOURCES } from '@/core/care/model/exposure';
import { METHOD_SOURCES, METHODS } from '@/core/care/model/work';
import { LUBE_CLASSES } from '@/core/lube/classes';
import { LUBE_SOURCES } from '@/core/lube/sources';
import { problemOf } from '@/core/plan/agenda/problemOf';
import { minutesOfDays } from '@/core/plan/agenda/benches';
import { planBike } from '@/core/plan/simulate/planBike';
import { meanTotal } from '@/core/plan/simulate/search';
import { YearChain } from './yearChain';
import { planRider } from './planRiders';

/** What hangs on the constants: of average care with wet lube in a mixed year, and of two riders' plans. */
export interface Outcomes {
  lubeKm: number;
  lifeKm: number;
  watts: number;
  plan: number;
}

const YEARS = 4;
const PLANNERS = [3, 11];

function averageCare(seed: number): Omit<Outcomes, 'plan'> {
  const chain = new YearChain('wet', 'mixed', seed).coated();
  let lubeKm = 0;
  for (; chain.state.film > CARE.reserve.value; lubeKm += 5) chain.ride(5);
  chain.work('solvent wipe');
  const watts: number[] = [];
  for (let round = 1; chain.state.wear < 0.75 && chain.state.km < 30_000; round++) {
    for (let n = 0; n < 5; n++) watts.push(extraWatts(chain.ride(50).state));
    chain.work(round % 4 === 0 ? 'scrubber' : 'solvent wipe');
  }
  return { lubeKm, lifeKm: chain.state.km, watts: mean(watts) };
}

function planCost(seed: number): number {
  const request = planRider(seed);
  const [bike] = request.bikes;
  if (!bike) throw new Error('A rider without a bike has nothing to plan.');
  const minutes = minutesOfDays(request);
  const days = { minutes, shared: minutes.map(() => false) };
  return meanTotal(planBike(problemOf(request, bike), request.settings.plan, days).plan);
}

/** Returns the outcomes by the constants as they stand. */
export function outcomes(): Outcomes {
  const years = Array.from({ length: YEARS }, (_, seed) => averageCare(seed));
  return {
    lubeKm: mean(years.map((y) => y.lubeKm)),
    lifeKm: mean(years.map((y) => y.lifeKm)),
    watts: mean(years.map((y) => y.watts)),
    plan: mean(PLANNERS.map(planCost)),
  };
}

/** Returns the ends of a constant's spread: of "0.3 to 0.7" or of "±50 %". */
export function endsOf({ value, spread }: Constant): [number, number] {
  const around = /^±(\d+) %$/.exec(spread);
  if (around) return [value * (1 - Number(around[1]) / 100), value * (1 + Number(around[1]) / 100)];
  const [low = NaN, high = NaN] = spread.split(' to ').map(Number);
  return [low, high];
}

/** One figure, or column of figures, that may be off, and how it is set to times what it is. */
export interface Lever {
  name: string;
  source: string;
  ends: readonly [number, number];
  times: (factor: number) => void;
}

const constants = (): Lever[] =>
  Object.entries(CARE).map(([name, constant]) => {
    const open = constant as { value: number };
    const { value } = constant;
    const [low, high] = endsOf(constant);
    const ends = [low / value, high / value] as const;
    return { name, source: constant.source, ends, times: (f) => (open.value = value * f) };
  });

/** A column of a table, all its figures together. */
function column(
  name: string,
  table: object,
  key: string,
  { source, spread }: { source: string; spread: readonly [number, number] },
): Lever {
  const rows = Object.values(table) as Record<string, number>[];
  const before = rows.map((row) => row[key] ?? 0);
  const times = (factor: number) =>
    rows.forEach((row, n) => {
      row[key] = (before[n] ?? 0) * factor;
    });
  return { name, source, ends: spread, times };
}

/** Everything that has a spread: the constants one by one, the tables by their columns. */
export const levers = (): Lever[] => [
  ...constants(),
  ...Object.entries(LUBE_SOURCES).map(([key, s]) => column(`lube: ${key}`, LUBE_CLASSES, key, s)),
  ...Object.entries(METHOD_SOURCES).map(([key, s]) => column(`work: ${key}`, METHODS, key, s)),
  ...Object.entries(GROUND_SOURCES).map(([key, s]) => column(`ground: ${key}`, GROUND, key, s)),
];

/** Returns the outcomes with a lever at each end of its spread; it is set back afterwards. */
export function atEnds({ ends, times }: Lever): [Outcomes, Outcomes] {
  const at = (factor: number) => {
    times(factor);
    try {
      return outcomes();
    } finally {
      times(1);
    }
  };
  return [at(ends[0]), at(ends[1])];
}
