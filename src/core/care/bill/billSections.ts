import { LUBE_CLASSES, type LubeClass } from '../../lube/classes';
import { MS_PER_DAY } from '../../units/convert';
import type { BillLine, BillSection } from './billTypes';
import { constant, lines, addLine, type Tally } from './billTally';
import type { StepInFull } from '../replay/step';
import { CARE } from '../model/constants';
import { futuresOf, type Personal } from '../model/personal';
import { wearTimes } from '../model/ride';
import { dryness, type ChainState } from '../model/state';

/** The film's way from its coat to now, each part of it with why. */
export function filmSection(
  steps: readonly StepInFull[],
  now: ChainState,
  learnt: Personal,
): BillSection {
  const tally: Tally = { lines: new Map() };
  const coat = steps.findLastIndex(
    (s) => (s.event.type === 'workDone' && s.event.lube !== null) || s.before === null,
  );
  const first = steps[coat];
  if (first?.after?.lube) {
    const at = Date.parse(first.event.at);
    addLine(tally, 'coat', { kind: 'coat', lube: first.after.lube, at }, first.after.film);
  }
  let last = first?.after ?? now;
  for (const step of steps.slice(coat + 1)) {
    if (!step.before || !step.after) continue;
    putStanding(tally, last, step.before);
    putFilmStep(tally, step, step.before, step.after);
    last = step.after;
  }
  putStanding(tally, last, now);
  return {
    name: 'film',
    unit: 'share',
    lines: lines(tally),
    total: now.film,
    limit: CARE.reserve.value,
    sources: now.lube ? filmSources(now.lube, now, learnt) : [],
  };
}

function putStanding(tally: Tally, from: ChainState, to: ChainState): void {
  if (!to.lube || to.film === from.film) return;
  const { idlePerWeek } = LUBE_CLASSES[to.lube];
  const days = (to.at - from.at) / MS_PER_DAY;
  addLine(tally, 'standing', { kind: 'standing', days, perWeek: idlePerWeek }, to.film - from.film);
}

function putFilmStep(
  tally: Tally,
  { event, effect, exposure, factors }: StepInFull,
  before: ChainState,
  after: ChainState,
): void {
  if (effect && exposure && before.lube) {
    const { washPerMm } = LUBE_CLASSES[before.lube];
    const lifeKm = before.lifeKm * factors.life;
    const byDistance = { kind: 'distance', km: exposure.km, lifeKm } as const;
    addLine(tally, 'early', { kind: 'early start' }, -effect.filmByEarlyStart);
    addLine(tally, 'distance', byDistance, -effect.filmByDistance);
    addLine(
      tally,
      'water',
      { kind: 'water', mm: exposure.waterMm, washPerMm },
      -effect.filmByWater,
    );
  } else if (event.type === 'soundHeard' && event.sound !== 'not the chain') {
    addLine(tally, 'heard', { kind: 'heard', sound: event.sound }, after.film - before.film);
  } else if (event.type === 'chainRecorded') {
    addLine(tally, 'recorded', { kind: 'recorded' }, after.film - before.film);
  } else if (event.type === 'workDone') {
    addLine(tally, 'wiping', { kind: 'wiping' }, after.film - before.film);
  }
}

function filmSources(lube: LubeClass, now: ChainState, learnt: Personal): BillSection['sources'] {
  const { lifeKm } = now;
  const { low, mid, high } = futuresOf(learnt, now);
  const { seen } = learnt.life;
  return [
    {
      kind: 'coat life',
      lube,
      km: { low: lifeKm * low.life, mid: lifeKm * mid.life, high: lifeKm * high.life },
      learnt: seen === 0 ? null : { coats: seen, factor: mid.life },
    },
    { kind: 'wash-off', perMm: LUBE_CLASSES[lube].washPerMm },
    constant('sprayMmPerH'),
    constant('reserve'),
  ];
}

export function gritSection(
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
    addLine(
      tally,
      'start',
      method ? { kind: 'work', method } : { kind: 'start' },
      first.after[name],
    );
  }
  for (const step of steps.slice(clean + 1)) {
    const { effect, exposure, before, after } = step;
    if (!before || !after) continue;
    if (effect && exposure && name === 'outside') {
      addLine(
        tally,
        'road',
        { kind: 'road', km: exposure.km, perKm: exposure.dirtPerKm },
        effect.outsideByRoad,
      );
      addLine(tally, 'cogs', { kind: 'cogs' }, effect.outsideByCogs);
    } else if (effect && exposure) {
      const migration = before.lube ? LUBE_CLASSES[before.lube].migration : 1;
      addLine(tally, 'inwards', { kind: 'inwards', km: exposure.km, migration }, effect.inside);
    } else if (step.event.type === 'workDone') {
      const { method } = step.event;
      addLine(tally, method, { kind: 'work', method }, after[name] - before[name]);
    } else if (step.event.type === 'ragChecked') {
      const photo = step.event.photo !== undefined;
      addLine(tally, photo ? 'photo' : 'rag', { kind: 'rag', photo }, after[name] - before[name]);
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
        ? [constant('outsideScaleKm'), constant('swatchNoise')]
        : [constant('insideScaleKm')],
  };
}

const WEAR_CONSTANTS = ['wearPerKm', 'wearByGrit', 'wearByDryness', 'wearByWater'] as const;

export function wearSection(
  steps: readonly StepInFull[],
  now: ChainState,
  limit: number,
): BillSection {
  const tally: Tally = { lines: new Map() };
  const first = steps.find((s) => s.after)?.after;
  addLine(tally, 'start', { kind: 'start' }, first?.wear ?? 0);
  for (const { effect, exposure, before, after } of steps) {
    if (!before || !after) continue;
    if (effect && exposure) {
      const clean = CARE.wearPerKm.value * exposure.km;
      addLine(tally, 'clean', { kind: 'clean wear', km: exposure.km }, clean);
      const hard = clean * (wearTimes(before, exposure) - 1);
      addLine(tally, 'hard', { kind: 'hard wear' }, hard);
      addLine(tally, 'grit', { kind: 'grit wear' }, effect.wear - clean - hard);
    } else {
      addLine(tally, 'measured', { kind: 'measured' }, after.wear - before.wear);
    }
  }
  return {
    name: 'wear',
    unit: '%',
    lines: lines(tally),
    total: now.wear,
    limit,
    sources: WEAR_CONSTANTS.map(constant),
  };
}

/** Less is nothing, in hundredths of a watt. */
const LEAST_WATTS = 5e-4;

export function wattsSection(now: ChainState): BillSection {
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
    lines: all.filter((l) => l.amount > LEAST_WATTS),
    total: all.reduce((sum, l) => sum + l.amount, 0),
    limit: null,
    sources: [constant('wattsOutside'), constant('wattsInside')],
  };
}
