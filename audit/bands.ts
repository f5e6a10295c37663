import { isWax, LUBE_CLASSES, LUBE_CLASS_NAMES, type LubeClass } from '@/core/lube/classes';
import {
  averageCareKm,
  hotWaxWear,
  immaculateKm,
  untouchedKm,
  waxedInSaltedRainKm,
} from './careRoutines';
import { aMonth, lifeKm, type Life } from './obedient';
import type { RiderName } from './riders';
import { lived } from './sweep';

/** A figure of the audit and where it must lie. Each band is common practice or common sense, as marked. */
export interface Band {
  who: string;
  what: string;
  value: number;
  low: number;
  high: number;
  basis: 'common practice' | 'common sense';
}

const holds = ({ value, low, high }: Band): boolean => value >= low && value <= high;
export const missed = (bands: readonly Band[]): Band[] => bands.filter((b) => !holds(b));

const OILS = LUBE_CLASS_NAMES.filter((lube) => !isWax(lube));
const WAXES = LUBE_CLASS_NAMES.filter(isWax);

type Row = Omit<Band, 'who' | 'basis'>;
const rows = (who: string, basis: Band['basis'], list: readonly Row[]): Band[] =>
  list.map((row) => ({ who, basis, ...row }));

/** Chains cared for by a fixed routine in a mixed year: 70 % of rides dry, 15 damp, 12 wet, 3 in a downpour. */
export function routineBands(): Band[] {
  const average = (['wet', 'all-weather'] as const).flatMap((lube) =>
    [3, 4].map((rounds) => ({
      what: `0.75 % with ${lube} lube, scrubbed every ${250 * rounds} km, km`,
      value: averageCareKm(lube, rounds),
      low: 4000,
      high: 5500,
    })),
  );
  const immaculate = (['wet', 'all-weather'] as const).map((lube) => ({
    what: `0.75 % with ${lube} lube in a mixed year, km`,
    value: immaculateKm(lube, 'mixed'),
    low: 15_000,
    high: Infinity,
  }));
  const dry = {
    what: '0.75 % with dry lube in the dry, km',
    value: immaculateKm('dry', 'dry'),
    low: 16_000,
    high: Infinity,
  };
  return [
    ...rows('average care', 'common practice', average),
    ...rows('immaculate care', 'common practice', [...immaculate, dry]),
    ...rows('hot wax, pot every 850 km', 'common practice', [
      { what: 'wear at 10,000 km, %', value: hotWaxWear(), low: 0, high: 0.5 },
    ]),
    ...rows('waxed commuter in salted rain, never cleaned', 'common sense', [
      { what: '0.75 %, km', value: waxedInSaltedRainKm(), low: 1500, high: 8000 },
    ]),
    ...rows('new chain never touched', 'common practice', [
      { what: '0.5 %, km', value: untouchedKm(), low: 450, high: 1100 },
    ]),
  ];
}

/** To the whole number, as such bands are meant. */
const timesAMonth = (count: number, life: Life): number => Math.round(aMonth(count, life));
const coats = ({ lubes, cleans }: Life): number => lubes + cleans;
const most = (counts: readonly (number | undefined)[]): number =>
  counts.reduce<number>((top, n) => Math.max(top, n ?? 0), 0);

/** Of a rider in the rain who does what the verdict says. */
export function commuterBands(): Band[] {
  const of = (lube: LubeClass) => lived('rain commuter', lube);
  const bestOil = Math.max(...OILS.map((lube) => lifeKm(of(lube))));
  const oils = OILS.flatMap((lube): Row[] => [
    { what: `life in ${lube} lube, km`, value: lifeKm(of(lube)), low: 3000, high: 8000 },
    {
      what: `coats of ${lube} lube a month`,
      value: timesAMonth(coats(of(lube)), of(lube)),
      low: 1,
      high: 4,
    },
  ]);
  const waxes = WAXES.map((lube) => ({
    what: `life in ${lube}, times the best oil`,
    value: lifeKm(of(lube)) / bestOil,
    low: 0,
    high: 1.6,
  }));
  const rusted = LUBE_CLASS_NAMES.map((lube) => ({
    what: `called rusted in a month, ${lube}, at most`,
    value: most(of(lube).rustedByMonth),
    low: 0,
    high: 5,
  }));
  return [
    ...rows('rain commuter', 'common practice', [...oils, ...waxes]),
    ...rows('rain commuter', 'common sense', rusted),
  ];
}

/** Lubes of which a coat outlasts the racer’s two days: at 120 and 150 km a coat nobody gets by with nine a month. */
const LASTING = LUBE_CLASS_NAMES.filter(
  (lube) => LUBE_CLASSES[lube].lifeKm >= 200 && lube !== 'hot wax',
);

function racerBands(): Band[] {
  const of = (lube: LubeClass) => lived('racer', lube);
  const cleans = LUBE_CLASS_NAMES.map((lube) => ({
    what: `cleans a month, ${lube}`,
    value: timesAMonth(of(lube).cleans, of(lube)),
    low: 0,
    high: 6,
  }));
  const lubes = LASTING.flatMap((lube): Row[] => [
    {
      what: `coats a month, those of cleans too, ${lube}`,
      value: timesAMonth(coats(of(lube)), of(lube)),
      low: 4,
      high: Infinity,
    },
    {
      what: `top-ups a month between cleans, ${lube}`,
      value: timesAMonth(of(lube).lubes, of(lube)),
      low: 0,
      high: 9,
    },
  ]);
  return rows('racer', 'common practice', [...cleans, ...lubes]);
}

function comparedBands(): Band[] {
  const trainer = LUBE_CLASS_NAMES.flatMap((lube): Row[] => {
    const life = lived('trainer', lube);
    return [
      {
        what: `first clean for grit inside, ${lube}, km`,
        value: life.firstCleanKm ?? Infinity,
        low: 1000,
        high: Infinity,
      },
      {
        what: `life over the same rider’s outdoors, ${lube}`,
        value: lifeKm(life) / lifeKm(lived('trainer outdoors', lube)),
        low: 1,
        high: Infinity,
      },
    ];
  });
  const motor = LUBE_CLASS_NAMES.map((lube) => ({
    what: `life over that without motor, ${lube}`,
    value: lifeKm(lived('e-bike', lube)) / lifeKm(lived('e-bike unpowered', lube)),
    low: 0.6,
    high: 0.8,
  }));
  return [
    ...rows('trainer only', 'common sense', trainer),
    ...rows('e-bike', 'common practice', motor),
  ];
}

function tourBands(): Band[] {
  return rows(
    'rain tour',
    'common sense',
    LUBE_CLASS_NAMES.flatMap((lube): Row[] => {
      const life = lived('rain tour', lube);
      const weeks = life.days / 7;
      return [
        { what: `coats a day, ${lube}, at most`, value: most(life.lubesByDay), low: 0, high: 1 },
        { what: `cleans a week, ${lube}`, value: life.cleans / weeks, low: 0, high: 2 },
      ];
    }),
  );
}

/** In a temperate year and a shed. A racer’s coat of 150 km that rain has taken is rightly called wet more often. */
function alarmBands(): Band[] {
  const alarms = (rider: RiderName, lube: LubeClass): Row => {
    const { headlines, rides } = lived(rider, lube);
    return {
      what: `rides after which “wet” is the headline, ${lube}, %`,
      value: (100 * (headlines.wet ?? 0)) / rides,
      low: 0,
      high: 12,
    };
  };
  const usual = LUBE_CLASS_NAMES.map((lube) => alarms('shed rider', lube));
  const racer = [...LASTING, 'hot wax' as const].map((lube) => alarms('racer', lube));
  return [
    ...rows('three rides a week', 'common sense', usual),
    ...rows('racer', 'common sense', racer),
  ];
}

/** All bands of riders who do what the verdict says. */
export const riderBands = (): Band[] => [
  ...commuterBands(),
  ...racerBands(),
  ...comparedBands(),
  ...tourBands(),
  ...alarmBands(),
];
