import type { Chance } from '@/core/chance';
import { CAUSE_FACTS } from '@/core/faults/causes';
import { nextIn, NEW_SEARCH, oddsIn, SAFETY, type Ground, type Search } from '@/core/faults/finder';
import { answerChance, canHave, type Machine } from '@/core/faults/odds';
import { ANSWERS, MINUTES_TO_ANSWER, type Question } from '@/core/faults/questions';
import { beatsOf, countedGear, turnsToTell } from '@/core/faults/rhythm';
import { hitOf, STEP_FACTS, STEP_IDS, type StepId } from '@/core/faults/steps';
import { CAUSES, type Cause } from '@/core/records/faults';

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

/** A fault drawn from the table, and what a rider with it answers. */
export function drawnFault(chance: Chance, machine: Machine) {
  const can = CAUSES.filter((cause) => canHave(machine, cause));
  const cause = pick(chance, can, (c) => CAUSE_FACTS[c].prior);
  const answer = <Q extends Question>(question: Q) =>
    pick(chance, ANSWERS[question] as readonly string[], (a) => answerChance(cause, question, a));
  return { cause, answer };
}

/** Minutes until a step shows or cures the fault, by the finder; the rider cannot tell one answer in ten. */
export function minutesByFinder(
  chance: Chance,
  ground: Ground,
  fault: ReturnType<typeof drawnFault>,
  noise: string,
) {
  let search: Search = { ...NEW_SEARCH, answers: { noise } as Search['answers'] };
  let minutes = MINUTES_TO_ANSWER.noise;
  const steps: StepId[] = [];
  for (let n = 0; n < 60; n++) {
    const next = nextIn(ground, search);
    if (next.kind === 'workshop' || next.kind === 'found') break;
    if (next.kind === 'ask') {
      minutes += MINUTES_TO_ANSWER[next.question];
      const told = chance.uniform() < 0.1 ? null : fault.answer(next.question);
      search = { ...search, answers: { ...search.answers, [next.question]: told } };
    } else if (next.kind === 'count') {
      minutes += 1.5;
      const beats = CAUSE_FACTS[fault.cause].beats ?? [];
      const rates = beatsOf(ground.gear);
      const own = beats.map((b) => rates.get(b)).filter((r) => r !== undefined);
      const rate = own[Math.floor(own.length * chance.uniform())];
      const turns = Math.max(...[...rates.values()].map((r) => turnsToTell(r, rate ?? 1) ?? 6));
      const events = Math.round(
        rate === undefined ? 6 * turns * chance.uniform() : turns * rate + 2 * chance.uniform() - 1,
      );
      search = {
        ...search,
        counts: [...search.counts, { turns, events: Math.max(0, events), gear: ground.gear }],
      };
    } else {
      const { step } = next;
      steps.push(step);
      minutes += STEP_FACTS[step].minutes;
      if (chance.uniform() < hitOf(step, fault.cause)) return { minutes, steps, found: true };
      const outcome = STEP_FACTS[step].kind === 'look' ? ('nothing' as const) : ('same' as const);
      search = { ...search, done: [...search.done, { step, outcome }] };
    }
  }
  return { minutes, steps, found: false };
}

/** Minutes until a step of a list, gone through in order, shows or cures the fault. */
export function minutesByList(
  chance: Chance,
  list: readonly { minutes: number; hit: (cause: Cause) => number }[],
  cause: Cause,
): number {
  let minutes = 0;
  for (const step of list) {
    minutes += step.minutes;
    if (chance.uniform() < step.hit(cause)) break;
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
export const CLEAN_THEN_LOOK = [
  listed('wipe and lube'),
  listed('clean on the bike'),
  OFF_BIKE,
  ...LOOKS.map(listed),
  ...MENDS.filter((s) => s !== 'wipe and lube' && s !== 'clean on the bike').map(listed),
];

/** A list for every noise: safety, then looks by what they find for their minutes, then remedies alike. */
export function fixedList(machine: Machine) {
  const odds = oddsIn(groundOf(machine), NEW_SEARCH);
  const worth = (step: StepId) =>
    [...odds].reduce((sum, [cause, p]) => sum + p * hitOf(step, cause), 0) /
    STEP_FACTS[step].minutes;
  const rest = STEP_IDS.filter((s) => s !== SAFETY).sort((a, b) => worth(b) - worth(a));
  return [SAFETY, ...rest].map(listed);
}
