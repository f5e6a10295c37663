import { Chance } from '../chance/chance';
import type { WorkDone } from '../records/event';
import type { Arm } from '../records/trialKinds';
import type { Trial } from '../records/trial';
import { firstOf } from '../trials/due';
import { MS_PER_DAY, MS_PER_HOUR } from '../units/convert';
import { ISLAND_SEED } from './diary';
import { COMMUTER, COMMUTER_CHAIN, GRAVEL } from './island';
import type { DemoWriter } from './writer';

/** Days ago between which a trial of the island runs; null: it still does. */
interface Span {
  from: number;
  to: number | null;
}

/** The spring on the commuter: wiped well or only dabbed, by a photographed rag a coat. */
const WIPING = { id: 'demo-trial-wiping', from: 238, to: 127 } as const;
/** Since the end of summer on the gravel bike: where the drop goes, until it squeaks. */
const DROPS = { id: 'demo-trial-drops', from: 90, to: null } as const;

const isIn = ({ from, to }: Span, daysAgo: number): boolean =>
  daysAgo <= from && (to === null || daysAgo >= to);

/** How much faster than the handbook the chain gets dirty, wiped when its lube has sunk in, and only dabbed. */
const DIRT_TIMES: Record<Arm, number> = { a: 0.8, b: 1.45 };
/** Grit a kilometre of the quay brings to wet lube, what a wipe and a clean leave, and how far a photograph is off. */
const GRIT_A_KM = 0.0031;
const LEFT = { wiped: 0.1, cleaned: 0.02 };
const PHOTO_SD = 0.04;

/** The coats of the island's trials as they go on, in the order that chance drew. */
export class DemoTrials {
  private readonly count = { wiping: 0, drops: 0 };
  /** The coat that is on the commuter, if it is of the trial. */
  private onCommuter: { arm: Arm; left: number } | null = null;
  private readonly rags: (() => void)[] = [];

  constructor(private readonly book: DemoWriter) {}

  private next(name: 'wiping' | 'drops', id: string): NonNullable<WorkDone['trial']> {
    const n = this.count[name]++;
    const first = firstOf(id, Math.floor(n / 2));
    return { id, arm: n % 2 === 0 ? first : first === 'a' ? 'b' : 'a' };
  }

  /** Reads the rag of the coat that comes off the commuter, and returns what the next one is for. */
  commuter(daysAgo: number, isDeep: boolean): WorkDone['trial'] {
    this.readRag(daysAgo);
    this.onCommuter = null;
    if (!isIn(WIPING, daysAgo)) return undefined;
    const trial = this.next('wiping', WIPING.id);
    this.onCommuter = { arm: trial.arm as Arm, left: isDeep ? LEFT.cleaned : LEFT.wiped };
    return trial;
  }

  gravel(daysAgo: number): WorkDone['trial'] {
    return isIn(DROPS, daysAgo) ? this.next('drops', DROPS.id) : undefined;
  }

  private readRag(daysAgo: number): void {
    const on = this.onCommuter;
    if (!on) return;
    const chance = new Chance(ISLAND_SEED, daysAgo, 33);
    const come = GRIT_A_KM * this.book.sinceLube(COMMUTER) * DIRT_TIMES[on.arm];
    const seen = 1 - (1 - on.left) * Math.exp(-come * Math.exp(0.12 * chance.normal()));
    const outside = Math.round(100 * Math.min(0.95, Math.max(0.02, seen))) / 100;
    const photo = { absorber: outside, outside, sd: PHOTO_SD, patches: 2, picked: null };
    const swatch = 1 + [0.12, 0.3, 0.5, 0.73].filter((limit) => outside > limit).length;
    this.rags.push(() =>
      this.book.write(daysAgo, 18.2, {
        type: 'ragChecked',
        chainId: COMMUTER_CHAIN,
        swatch,
        photo,
      }),
    );
  }

  /** Writes down the rags, after all else: what was there before keeps its place. */
  writeRags(): void {
    for (const write of this.rags) write();
  }
}

/** The trials of the island on a day (since 1970): one that has ended, and one that runs. */
export function islandTrials(today: number): Record<string, Trial> {
  const at = (daysAgo: number) =>
    new Date((today - daysAgo) * MS_PER_DAY + 8 * MS_PER_HOUR).toISOString();
  const plain = {
    ragKm: 100,
    again: false,
    careFor: 0.5,
    retired: false,
    changedAt: at(0),
  } as const;
  return {
    [WIPING.id]: {
      ...plain,
      id: WIPING.id,
      bikeId: COMMUTER,
      question: { kind: 'way', way: 'wipeAfter', a: 'by class', b: 'only what looks wet' },
      measure: 'rag',
      coatsAnArm: 5,
      startedAt: at(WIPING.from),
      endedAt: at(WIPING.to - 1),
    },
    [DROPS.id]: {
      ...plain,
      id: DROPS.id,
      bikeId: GRAVEL,
      question: { kind: 'way', way: 'where', a: 'lower run', b: 'top of the cog' },
      measure: 'squeak',
      coatsAnArm: 8,
      startedAt: at(DROPS.from),
      endedAt: null,
    },
  };
}
