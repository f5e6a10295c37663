import { LUBE_CLASSES, type LubeClass } from '../lube';
import type { CleanMethod } from '../logbook';
import type { StepInFull } from './book';
import { CARE, STANDARDS } from './constants';
import type { Limits } from './clocks';
import { FUTURES } from './lookAhead';
import { dryness, type ChainState } from './state';
import type { Verdict } from './verdict';

/** What a line of the bill speaks of; `words` in the interface turn it into a label. */
export type BillItem =
  | { kind: 'coat'; lube: LubeClass; at: number }
  | { kind: 'distance'; km: number; lifeKm: number }
  | { kind: 'water'; mm: number; washPerMm: number }
  | { kind: 'standing'; days: number; perWeek: number }
  | { kind: 'early start' }
  | { kind: 'wiping' }
  | { kind: 'heard'; sound: string }
  | { kind: 'start' }
  | { kind: 'road'; km: number; perKm: number }
  | { kind: 'cogs' }
  | { kind: 'work'; method: CleanMethod }
  | { kind: 'rag' }
  | { kind: 'inwards'; km: number; migration: number }
  | { kind: 'clean wear'; km: number }
  | { kind: 'grit wear' }
  | { kind: 'measured' }
  | { kind: 'watts'; of: 'outside' | 'inside' | 'dry' | 'wear' };

export interface BillLine {
  item: BillItem;
  /** Signed, in the section's measure. */
  amount: number;
}

export type SectionName = 'film' | 'outside' | 'inside' | 'wear' | 'watts';

export interface BillSection {
  name: SectionName;
  unit: 'share' | '%' | 'W';
  lines: BillLine[];
  total: number;
  limit: number | null;
  /** Source and spread of the figures used. */
  sources: { what: string; figure: string; source: string; spread: string }[];
}

interface Tally {
  lines: Map<string, BillLine>;
}

function put(tally: Tally, key: string, item: BillItem, amount: number): void {
  const line = tally.lines.get(key);
  if (!line) tally.lines.set(key, { item, amount });
  else tally.lines.set(key, { item: merged(line.item, item), amount: line.amount + amount });
}

/** Adds up what two lines of the same kind measure. */
function merged(a: BillItem, b: BillItem): BillItem {
  if (a.kind === 'distance' && b.kind === 'distance') return { ...a, km: a.km + b.km };
  if (a.kind === 'water' && b.kind === 'water') return { ...a, mm: a.mm + b.mm };
  if (a.kind === 'standing' && b.kind === 'standing') return { ...a, days: a.days + b.days };
  if (a.kind === 'inwards' && b.kind === 'inwards') return { ...a, km: a.km + b.km };
  if (a.kind === 'clean wear' && b.kind === 'clean wear') return { ...a, km: a.km + b.km };
  if (a.kind === 'road' && b.kind === 'road') {
    const km = a.km + b.km;
    return { ...a, km, perKm: km > 0 ? (a.perKm * a.km + b.perKm * b.km) / km : 0 };
  }
  return a;
}

const NOTHING = 1e-4;
const lines = (tally: Tally): BillLine[] =>
  [...tally.lines.values()].filter((l) => Math.abs(l.amount) > NOTHING);

const source = (
  what: string,
  c: { value: number; unit: string; source: string; spread: string },
) => ({
  what,
  figure: `${c.value} ${c.unit}`,
  source: c.source,
  spread: c.spread,
});

const DAY_MS = 86_400_000;

/**
 * The working behind a verdict, as a bill: for each reading the lines that add up to it, from the last
 * coat (film) or the chain's first step (grit, wear) to now. Each section's lines sum to its total.
 */
export function bill(steps: readonly StepInFull[], now: ChainState, limits: Limits): BillSection[] {
  return [
    filmSection(steps, now),
    gritSection('outside', steps, now, STANDARDS[limits.standard].outside),
    gritSection('inside', steps, now, STANDARDS[limits.standard].inside),
    wearSection(steps, now, limits.wearPercent),
    wattsSection(now),
  ];
}

function filmSection(steps: readonly StepInFull[], now: ChainState): BillSection {
  const tally: Tally = { lines: new Map() };
  const coat = steps.findLastIndex(
    (s) => (s.event.type === 'workDone' && s.event.lube !== null) || s.before === null,
  );
  const first = steps[coat];
  if (first?.after?.lube)
    put(
      tally,
      'coat',
      { kind: 'coat', lube: first.after.lube, at: Date.parse(first.event.at) },
      first.after.film,
    );
  let last = first?.after ?? now;
  const standing = (from: ChainState, to: ChainState) => {
    if (!to.lube || to.film === from.film) return;
    const { idlePerWeek } = LUBE_CLASSES[to.lube];
    const days = (to.at - from.at) / DAY_MS;
    put(tally, 'standing', { kind: 'standing', days, perWeek: idlePerWeek }, to.film - from.film);
  };
  for (const step of steps.slice(coat + 1)) {
    if (!step.before || !step.after) continue;
    standing(last, step.before);
    const { effect, exposure, before, after } = step;
    if (effect && exposure && before.lube) {
      const { washPerMm } = LUBE_CLASSES[before.lube];
      put(tally, 'early', { kind: 'early start' }, -effect.filmByEarlyStart);
      put(
        tally,
        'distance',
        { kind: 'distance', km: exposure.km, lifeKm: before.lifeKm },
        -effect.filmByDistance,
      );
      put(tally, 'water', { kind: 'water', mm: exposure.waterMm, washPerMm }, -effect.filmByWater);
    } else if (step.event.type === 'soundHeard') {
      put(tally, 'heard', { kind: 'heard', sound: step.event.sound }, after.film - before.film);
    } else if (step.event.type === 'workDone') {
      put(tally, 'wiping', { kind: 'wiping' }, after.film - before.film);
    }
    last = after;
  }
  standing(last, now);
  const sources = now.lube
    ? [
        {
          what: `Life of ${now.lube} lube`,
          figure: `${LUBE_CLASSES[now.lube].lifeKm} km`,
          source: 'common practice',
          spread: `${Math.round(LUBE_CLASSES[now.lube].lifeKm * FUTURES.low.life)} to ${Math.round(LUBE_CLASSES[now.lube].lifeKm * FUTURES.high.life)} km for half of all coats`,
        },
        {
          what: 'Wash-off',
          figure: `${LUBE_CLASSES[now.lube].washPerMm} of the film per mm`,
          source: 'fitted to common practice',
          spread: '±50 %',
        },
        source('Spray from a wet road', CARE.sprayMmPerH),
        source('Reserve', CARE.reserve),
      ]
    : [];
  return {
    name: 'film',
    unit: 'share',
    lines: lines(tally),
    total: now.film,
    limit: CARE.reserve.value,
    sources,
  };
}

function gritSection(
  name: 'outside' | 'inside',
  steps: readonly StepInFull[],
  now: ChainState,
  limit: number,
): BillSection {
  const tally: Tally = { lines: new Map() };
  const clean = Math.max(
    0,
    steps.findLastIndex(
      (s) =>
        s.before === null || (s.after && s.before && s.after.kmSinceClean < s.before.kmSinceClean),
    ),
  );
  const first = steps[clean];
  if (first?.after) {
    const method = first.event.type === 'workDone' ? first.event.method : null;
    put(tally, 'start', method ? { kind: 'work', method } : { kind: 'start' }, first.after[name]);
  }
  for (const step of steps.slice(clean + 1)) {
    const { effect, exposure, before, after } = step;
    if (!before || !after) continue;
    if (effect && exposure && name === 'outside') {
      put(
        tally,
        'road',
        { kind: 'road', km: exposure.km, perKm: exposure.dirtPerKm },
        effect.outsideByRoad,
      );
      put(tally, 'cogs', { kind: 'cogs' }, effect.outsideByCogs);
    } else if (effect && exposure) {
      const migration = before.lube ? LUBE_CLASSES[before.lube].migration : 1;
      put(tally, 'inwards', { kind: 'inwards', km: exposure.km, migration }, effect.inside);
    } else if (step.event.type === 'workDone') {
      const { method } = step.event;
      put(tally, method, { kind: 'work', method }, after[name] - before[name]);
    } else if (step.event.type === 'ragChecked') {
      put(tally, 'rag', { kind: 'rag' }, after[name] - before[name]);
    }
  }
  return {
    name,
    unit: 'share',
    lines: lines(tally),
    total: now[name],
    limit,
    sources:
      name === 'outside'
        ? [
            source('Clean road that dirties a chain by two thirds', CARE.outsideScaleKm),
            source('Swatch noise', CARE.swatchNoise),
          ]
        : [source('Way inwards', CARE.insideScaleKm)],
  };
}

function wearSection(steps: readonly StepInFull[], now: ChainState, limit: number): BillSection {
  const tally: Tally = { lines: new Map() };
  const first = steps.find((s) => s.after)?.after;
  put(tally, 'start', { kind: 'start' }, first?.wear ?? 0);
  for (const { effect, exposure, before, after } of steps) {
    if (!before || !after) continue;
    if (effect && exposure) {
      const clean = CARE.wearPerKm.value * exposure.km;
      put(tally, 'clean', { kind: 'clean wear', km: exposure.km }, clean);
      put(tally, 'grit', { kind: 'grit wear' }, effect.wear - clean);
    } else {
      put(tally, 'measured', { kind: 'measured' }, after.wear - before.wear);
    }
  }
  return {
    name: 'wear',
    unit: '%',
    lines: lines(tally),
    total: now.wear,
    limit,
    sources: [
      source('Clean and lubed', CARE.wearPerKm),
      source('Grit inside', CARE.wearByGrit),
      source('Dry', CARE.wearByDryness),
    ],
  };
}

function wattsSection(now: ChainState): BillSection {
  const part = (of: 'outside' | 'inside' | 'dry' | 'wear', amount: number): BillLine => ({
    item: { kind: 'watts', of },
    amount,
  });
  const all = [
    part('outside', CARE.wattsOutside.value * now.outside),
    part('inside', CARE.wattsInside.value * now.inside),
    part('dry', CARE.wattsDry.value * dryness(now.film)),
    part('wear', CARE.wattsWear.value * now.wear),
  ];
  return {
    name: 'watts',
    unit: 'W',
    lines: all.filter((l) => l.amount > 0.05),
    total: all.reduce((sum, l) => sum + l.amount, 0),
    limit: null,
    sources: [source('Outside grit', CARE.wattsOutside), source('Inside grit', CARE.wattsInside)],
  };
}

/** The last sum of the bill: from the film that is left to the kilometres that are left. */
export interface DistanceSum {
  filmLeft: number;
  reserve: number;
  lifeKm: number;
  load: number;
  dryKm: number;
  verdictKm: number | null;
}

/** How the distance left follows from the film in dry riding, beside what the verdict made of it. */
export function distanceSum(now: ChainState, verdict: Verdict, load: number): DistanceSum {
  const usable = Math.max(0, now.film - CARE.reserve.value);
  return {
    filmLeft: now.film,
    reserve: CARE.reserve.value,
    lifeKm: now.lifeKm,
    load,
    dryKm: (usable * now.lifeKm) / load,
    verdictKm: verdict.distanceKm?.mid ?? null,
  };
}
