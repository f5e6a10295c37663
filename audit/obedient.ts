import { chainNow, type ChainNow } from '@/core/care/verdict/report';
import { METHODS } from '@/core/care/model/work';
import { NEW_CHAIN } from '@/core/care/model/state';
import { proposeWork, usualWork, type Proposal } from '@/core/care/verdict/proposal';
import { readClocks, type Clock, type ClockName, type Limits } from '@/core/care/verdict/clocks';
import { Replay } from '@/core/care/replay/replay';
import { Chance } from '@/core/chance/chance';
import { wearLimitPercent } from '@/core/chain/geometry';
import { NOT_RECORDED } from '@/core/logbook/events';
import type { PlainEvent } from '@/core/records/event';
import type { LubeClass } from '@/core/lube/classes';
import type { AuditRide, AuditRider } from './riders';
import { chainId, DAY, garageOf, HOUR, PLACES, START, weatherOf } from './world';

/** What a rider did and met in so many days, on one chain after the other. */
export interface Life {
  days: number;
  km: number;
  rides: number;
  /** Work by what it was: a clean ends with a coat and counts as a clean. */
  wipes: number;
  lubes: number;
  cleans: number;
  /** Wear of all chains together, and what one of them may have, %. */
  wear: number;
  limit: number;
  /** Rides after which a clock was the headline. */
  headlines: Record<ClockName, number>;
  /** Of each month, how often the chain was called rusted. */
  rustedByMonth: number[];
  /** Of each day, how often it was lubed. */
  lubesByDay: number[];
  /** Km at which grit inside first called for a clean; null: never. */
  firstCleanKm: number | null;
}

/** Returns the km a chain lasts, by the wear of all there were. */
export const lifeKm = ({ km, wear, limit }: Life): number => (km * limit) / wear;

/** Returns how often something was done in a month of 30.4 days. */
export const aMonth = (count: number, { days }: Life): number => count / (days / 30.4);

/** A verdict as the rider acts on it: the clock that calls, and the work proposed. */
export interface Said {
  clock: ClockName | null;
  clocks: Clock[];
  proposal: Proposal | null;
}

/**
 * Returns what the verdict says of a chain, without its distances and their spread, which take most of the
 * time: `judge` reads the same clocks and proposes the same work (a test holds them together).
 */
export function sayOf(
  at: Pick<ChainNow, 'state' | 'cogs' | 'air' | 'limits'>,
  usual: readonly Proposal[],
): Said {
  const { limits } = at;
  const clocks = readClocks(at.state, limits);
  const first = clocks.find((c) => c.fired);
  return {
    clock: first?.name ?? null,
    clocks,
    proposal: first ? proposeWork(at, usual, limits) : null,
  };
}

/** A chain's life under a rider who does what the verdict says, event by event through the logbook's own replay. */
class Obedient {
  private readonly replay: Replay;
  private readonly chance: Chance;
  private readonly usual: readonly Proposal[];
  private readonly limits: Limits;
  private count = 0;
  /** Chains worn out so far: the number of the one that is on. */
  private worn = 0;
  readonly life: Life;

  constructor(
    private readonly rider: AuditRider,
    private readonly lube: LubeClass,
    seed: number,
  ) {
    this.chance = new Chance(seed, 401);
    const garage = garageOf(rider);
    const weather = rider.region === null ? [] : weatherOf(rider.region, rider.days);
    this.replay = new Replay(garage, weather);
    this.usual = usualWork(lube, garage.chains[chainId(0)], 'solvent');
    const { speeds, gear } = rider.bike;
    this.limits = { standard: rider.standard, wearPercent: wearLimitPercent(speeds, gear) };
    this.life = {
      days: 0,
      km: 0,
      rides: 0,
      wipes: 0,
      lubes: 0,
      cleans: 0,
      wear: 0,
      limit: this.limits.wearPercent,
      headlines: {} as Life['headlines'],
      rustedByMonth: [],
      lubesByDay: [],
      firstCleanKm: null,
    };
    this.fit(START);
  }

  /** Rides and works to the end of the rider's days. */
  live(): Life {
    const { life, rider } = this;
    for (let day = 1; day <= rider.days; day++) {
      for (const ride of rider.rides(day, this.chance)) this.ride(day, ride);
    }
    life.days = rider.days;
    life.wear =
      this.worn * life.limit + (this.replay.book.chains.get(chainId(this.worn))?.wear ?? 0);
    return life;
  }

  /** Fits the next new chain, stripped and coated with the rider's lube. */
  private fit(at: number): void {
    const start = { ...NEW_CHAIN, lube: null, wearPercent: 0 };
    this.log(at, { type: 'chainFitted', bikeId: 'b', chainId: chainId(this.worn), start });
    const wax = this.usual.find((p) => p.depth === 'wax reset');
    this.work(at + HOUR, wax?.spec ?? { ...BATHS, lube: coatOf(this.lube) });
  }

  private log(at: number, body: object): void {
    const instant = new Date(at).toISOString();
    this.count += 1;
    this.replay.add([
      {
        ...body,
        id: `e${this.count}`,
        at: instant,
        zone: 'UTC',
        recordedAt: instant,
      } as PlainEvent,
    ]);
  }

  private work(at: number, spec: Proposal['spec']): void {
    this.log(at, {
      type: 'workDone',
      chainId: chainId(this.worn),
      ...spec,
      used: [],
      minutes: null,
      depth: null,
      swatches: [],
      note: '',
    });
  }

  private ride(day: number, { startH, ...more }: AuditRide): void {
    const { rider, life } = this;
    const at = START + day * DAY + startH * HOUR;
    const [lat, lon] = PLACES[rider.region ?? 'temperate coast'];
    this.log(at, {
      type: 'rideLogged',
      bikeId: 'b',
      durationH: null,
      weather: 'unknown',
      surface: 'paved',
      mud: false,
      salted: false,
      note: '',
      ...NOT_RECORDED,
      path: rider.region === null ? null : [[lat, lon, 0]],
      ...more,
    });
    life.rides += 1;
    life.km += more.distanceKm;
    this.obey(day, at + (more.durationH ?? more.distanceKm / 20) * HOUR + HOUR);
  }

  /** Looks at the verdict at home and does what it says, once. */
  private obey(day: number, at: number): void {
    const { life, replay } = this;
    const last = replay.book.chains.get(chainId(this.worn));
    const now = Math.max(at, last?.at ?? at);
    const chain = chainNow(replay, 'b', this.limits.standard, now);
    if (!chain) return;
    const said = sayOf(chain, this.usual);
    if (said.clock === null) return;
    life.headlines[said.clock] = (life.headlines[said.clock] ?? 0) + 1;
    if (said.clock === 'wear') {
      this.worn += 1;
      return this.fit(now);
    }
    if (!said.proposal) return;
    if (said.clock === 'rust') {
      const month = Math.floor(day / 30.4);
      life.rustedByMonth[month] = (life.rustedByMonth[month] ?? 0) + 1;
      this.log(now, { type: 'chainInspected', chainId: chainId(this.worn), found: 'fine' });
    }
    const called = said.clocks.find((c) => c.name === 'inside')?.fired;
    if (called) life.firstCleanKm ??= life.km;
    this.tally(day, said.proposal);
    this.work(now + 1, said.proposal.spec);
  }

  private tally(day: number, { spec }: Proposal): void {
    const { life } = this;
    if (METHODS[spec.method].deep) life.cleans += 1;
    else if (spec.lube) life.lubes += 1;
    else life.wipes += 1;
    if (spec.lube) life.lubesByDay[day] = (life.lubesByDay[day] ?? 0) + 1;
  }
}

const coatOf = (lubeClass: LubeClass) => ({ lubeClass, coat: 1, wiped: true });
const BATHS: Proposal['spec'] = {
  method: 'baths',
  cogsCleaned: true,
  baths: { count: 3, ml: 150 },
  drying: 'towel and air',
  lube: null,
};

/** Returns the life of a chain under a rider who does what the verdict says, with lube of one class. */
export const lifeOf = (rider: AuditRider, lube: LubeClass, seed = 1): Life =>
  new Obedient(rider, lube, seed).live();
