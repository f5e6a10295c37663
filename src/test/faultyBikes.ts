import { Chance } from '@/core/chance/chance';
import { CAUSE_FACTS } from '@/core/faults/causes/causes';
import {
  MINUTES_TO_COUNT,
  nextIn,
  NEW_SEARCH,
  oddsIn,
  SAFETY,
  type Ground,
  type Search,
} from '@/core/faults/finder';
import { answerChance, canHave, type Machine } from '@/core/faults/odds';
import { ANSWERS, MINUTES_TO_ANSWER, type Question } from '@/core/faults/questions';
import { beatsOf, countedGear, turnsToTell, type Count } from '@/core/faults/rhythm';
import { hitOf, STEP_FACTS, STEP_IDS, type StepId } from '@/core/faults/steps';
import { CAUSES, NOISES, type Cause, type Noise } from '@/core/records/faults';

/** A bike that can have every fault in the table. */
export const ANY_MACHINE: Machine = {
  gear: 'derailleur',
  rings: [50, 34],
  narrowWide: true,
  brake: 'disc, hydraulic',
  drive: 'freewheel',
  chain: { closure: 'reusable link', directional: true },
  waxed: true,
};

export const groundOf = (machine: Machine, more: Partial<Ground> = {}): Ground => ({
  machine,
  known: new Map(),
  gear: countedGear(machine, { ring: 50, cog: 17, links: 114 }),
  ...more,
});

const pick = <T>(chance: Chance, of: readonly T[], weight: (x: T) => number): T => {
  let left = chance.uniform() * of.reduce((sum, x) => sum + weight(x), 0);
  for (const x of of) if ((left -= weight(x)) < 0) return x;
  return of.at(-1)!;
};

/** A fault as it is heard, and what a rider with it answers. */
interface Fault {
  cause: Cause;
  noise: Noise;
  answer: <Q extends Question>(question: Q) => string;
}

/** A fault drawn from the table. */
function drawnFault(chance: Chance, machine: Machine): Fault {
  const can = CAUSES.filter((cause) => canHave(machine, cause));
  const cause = pick(chance, can, (c) => CAUSE_FACTS[c].prior);
  const answer: Fault['answer'] = (question) =>
    pick(chance, ANSWERS[question] as readonly string[], (a) => answerChance(cause, question, a));
  return { cause, noise: pick(chance, NOISES, (a) => answerChance(cause, 'noise', a)), answer };
}

/** A search is followed until it has found the fault with this chance. */
const SURE = 0.99;

/**
 * Minutes to be expected until a step shows or cures the fault, by the finder: each step is paid for with the chance that all
 * before it failed. The rider cannot tell one answer in ten.
 */
function minutesByFinder(chance: Chance, ground: Ground, fault: Fault): number {
  let search: Search = { ...NEW_SEARCH, answers: { noise: fault.noise } };
  let minutes = MINUTES_TO_ANSWER.noise;
  let unfound = 1;
  while (unfound > 1 - SURE) {
    const next = nextIn(ground, search);
    if (next.kind === 'ask') {
      minutes += unfound * MINUTES_TO_ANSWER[next.question];
      const told = chance.uniform() < 0.1 ? null : fault.answer(next.question);
      search = { ...search, answers: { ...search.answers, [next.question]: told } };
    } else if (next.kind === 'count') {
      minutes += unfound * MINUTES_TO_COUNT;
      search = { ...search, counts: [...search.counts, countOf(chance, ground, fault.cause)] };
    } else if (next.kind === 'do') {
      const { step } = next;
      minutes += unfound * STEP_FACTS[step].minutes;
      unfound *= 1 - hitOf(step, fault.cause);
      const outcome = STEP_FACTS[step].kind === 'look' ? ('nothing' as const) : ('same' as const);
      search = { ...search, done: [...search.done, { step, outcome }] };
    } else break;
  }
  return minutes;
}

/** What a rider counts of a fault, off by one either way: as far as is asked where it beats, anything where it does not. */
function countOf(chance: Chance, { gear }: Ground, cause: Cause): Count {
  const rates = beatsOf(gear);
  const own = (CAUSE_FACTS[cause].beats ?? []).flatMap((beat) => rates.get(beat) ?? []);
  const rate = own[Math.floor(own.length * chance.uniform())];
  const turns = Math.max(...[...rates.values()].map((r) => turnsToTell(r, rate ?? 1) ?? 6));
  const heard = rate === undefined ? 6 * turns * chance.uniform() : turns * rate;
  return { turns, events: Math.max(0, Math.round(heard + 2 * chance.uniform() - 1)), gear };
}

/** Minutes to be expected until a step of a list, gone through in order, shows or cures a fault. */
function minutesByList(
  list: readonly { minutes: number; hit: (cause: Cause) => number }[],
  cause: Cause,
): number {
  let [minutes, unfound] = [0, 1];
  for (const step of list) {
    minutes += unfound * step.minutes;
    unfound *= 1 - step.hit(cause);
  }
  return minutes;
}

const listed = (step: StepId) => ({
  minutes: STEP_FACTS[step].minutes,
  hit: (cause: Cause) => hitOf(step, cause),
});
const LOOKS = STEP_IDS.filter((step) => STEP_FACTS[step].kind === 'look');
const MENDS = STEP_IDS.filter((step) => STEP_FACTS[step].kind === 'mend');

/** A clean off the bike, an hour: it cures what one on the bike does, a little surer. */
const OFF_BIKE = {
  minutes: 60,
  hit: (cause: Cause) => Math.min(0.97, hitOf('clean on the bike', cause) * 1.05),
};

/** What people do: clean three ways, then look. */
const CLEAN_THEN_LOOK = [
  listed('wipe and lube'),
  listed('clean on the bike'),
  OFF_BIKE,
  ...LOOKS.map(listed),
  ...MENDS.filter((s) => s !== 'wipe and lube' && s !== 'clean on the bike').map(listed),
];

/** A list for every noise: safety, then looks by what they find for their minutes, then remedies alike. */
function fixedList(machine: Machine) {
  const odds = oddsIn(groundOf(machine), NEW_SEARCH);
  const worth = (step: StepId) =>
    [...odds].reduce((sum, [cause, p]) => sum + p * hitOf(step, cause), 0) /
    STEP_FACTS[step].minutes;
  const rest = STEP_IDS.filter((s) => s !== SAFETY).sort((a, b) => worth(b) - worth(a));
  return [SAFETY, ...rest].map(listed);
}

/** Minutes to the cause of one kind of noise, on the average: by the finder, by the best list, by cleaning first. */
export interface NoiseRow {
  noise: Noise;
  times: number;
  finder: number;
  list: number;
  cleaning: number;
}

/** Draws faults from the table, lets riders answer as its signs say, and counts minutes to be expected until each is found. */
export function noiseRows(faults: number, seed: number): NoiseRow[] {
  const chance = new Chance(17, seed);
  const ground = groundOf(ANY_MACHINE);
  const list = fixedList(ANY_MACHINE);
  const rows = new Map<Noise, NoiseRow>();
  for (let n = 0; n < faults; n++) {
    const fault = drawnFault(chance, ANY_MACHINE);
    const row = rows.get(fault.noise) ?? {
      noise: fault.noise,
      times: 0,
      finder: 0,
      list: 0,
      cleaning: 0,
    };
    row.times += 1;
    row.finder += minutesByFinder(chance, ground, fault);
    row.list += minutesByList(list, fault.cause);
    row.cleaning += minutesByList(CLEAN_THEN_LOOK, fault.cause);
    rows.set(fault.noise, row);
  }
  return [...rows.values()].map((row) => ({
    ...row,
    finder: row.finder / row.times,
    list: row.list / row.times,
    cleaning: row.cleaning / row.times,
  }));
}
