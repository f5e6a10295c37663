import { extraWatts, type ChainState } from '../care/model/state';
import { meanMinutes } from '../care/verdict/proposal';
import { work } from '../care/model/work';
import { LUBE_CLASSES, type LubeClass } from '../lube/classes';
import { WORKSHOP_AIR } from '../weather/drying';
import type { CarePrices } from '../years/outcome';
import type { Works } from '../years/works';
import { atPower, type WattItem } from './ledger';

/** What can be done about a loss. */
export const WAYS = ['gears', 'wipe', 'topUp', 'clean', 'new chain', 'best lube'] as const;
export type Way = (typeof WAYS)[number];

/** A way to win watts back, and what it takes. */
export interface WinBack {
  way: Way;
  /** The losses it is for. */
  items: readonly WattItem[];
  /** W at the rider's power. */
  watts: number;
  minutes: number;
  /** In the rider's money; null: not known. */
  money: number | null;
}

/** Less than this nobody feels or measures, W. */
const WORTH_W = 0.2;
/** The lube that takes least, of those a rider puts on without a pot. */
const BEST: LubeClass = 'drip wax';

/** A chain whose watts are looked at. */
export interface Losing {
  state: ChainState;
  cogs: number;
  works: Works;
  prices: CarePrices;
  power: number;
  /** W at 250 W lost in crossed gears; 0 where no ride tells. */
  avoidable: number;
}

/** What each job, part and habit would win back of a chain's losses; the most watts for a minute first. */
export function winBacks({ state, cogs, works, prices, power, avoidable }: Losing): WinBack[] {
  const now = extraWatts(state);
  const by = (
    name: 'wipe' | 'topUp' | 'clean',
    items: readonly WattItem[],
    money: number | null,
  ): WinBack => {
    const { spec, depth } = works[name];
    const after = work(state, cogs, spec, { air: WORKSHOP_AIR }).state;
    return {
      way: name,
      items,
      watts: atPower(now - extraWatts(after), power),
      minutes: meanMinutes(depth),
      money,
    };
  };
  const add = (a: number | null, b: number | null) => (a === null || b === null ? null : a + b);
  const ways: WinBack[] = [
    by('wipe', ['outside'], 0),
    by('topUp', ['dryness', 'outside'], prices.coat),
    by('clean', ['outside', 'inside', 'dryness'], add(prices.coat, prices.clean)),
    {
      way: 'new chain',
      items: ['wear', 'inside', 'outside'],
      watts: atPower(now, power),
      minutes: meanMinutes('swap'),
      money: prices.chain,
    },
  ];
  const friction = state.lube
    ? LUBE_CLASSES[state.lube].frictionW - LUBE_CLASSES[BEST].frictionW
    : 0;
  if (friction > 0)
    ways.push({
      way: 'best lube',
      items: ['lube'],
      watts: atPower(friction, power),
      minutes: meanMinutes('new-chain strip'),
      money: null,
    });
  ways.push({
    way: 'gears',
    items: ['crossing'],
    watts: atPower(avoidable, power),
    minutes: 0,
    money: 0,
  });
  return ways
    .filter((w) => w.watts >= WORTH_W)
    .sort((a, b) => perWatt(a) - perWatt(b) || b.watts - a.watts);
}

/** Minutes for each watt. */
export const perWatt = ({ minutes, watts }: WinBack): number => minutes / watts;
