import type { Cause } from '../records/faults';

/** Something to look at, or to put right. */
export interface StepFacts {
  kind: 'look' | 'mend';
  minutes: number;
  /** Chance that it shows a cause, or cures it. Own estimates from common practice. */
  hits: Partial<Record<Cause, number>>;
  tools?: readonly string[];
  /** What the bike must have for it. */
  needs?: 'derailleur' | 'link';
}

/**
 * The checks and remedies there are, with their minutes. Source: common practice and own estimates. Each is of a kind a rider may
 * do: a brake is looked at and not opened, a pin is found and not pushed.
 */
export const STEP_FACTS = {
  /** Link, pins, wheels, brakes: what can throw the rider. */
  'four things': {
    kind: 'look',
    minutes: 1.5,
    hits: { 'unseated link': 0.9, 'moved pin': 0.7, 'loose wheel': 0.95, 'oil on brake': 0.6 },
  },
  'see the way': {
    kind: 'look',
    minutes: 0.5,
    hits: { 'wrong side of tab': 0.98, 'outside the stay': 0.98, 'reversed chain': 0.3 },
  },
  'press the link': {
    kind: 'look',
    needs: 'link',
    minutes: 1,
    hits: { 'unseated link': 0.96, 'link wrong way': 0.75, 'reversed chain': 0.6 },
  },
  'bend each link': {
    kind: 'look',
    minutes: 2,
    hits: { 'stiff link': 0.92, 'moved pin': 0.85, 'link wrong way': 0.3, 'unseated link': 0.6 },
  },
  'hold the wheel': { kind: 'look', minutes: 0.5, hits: { 'loose wheel': 0.97 } },
  'spin the wheel': {
    kind: 'look',
    minutes: 1,
    hits: { 'brake rubs': 0.9, 'dry freehub': 0.6, 'loose wheel': 0.3 },
  },
  'brake and listen': { kind: 'look', minutes: 1, hits: { 'oil on brake': 0.95 } },
  'flick the jockey wheels': {
    kind: 'look',
    minutes: 1,
    hits: { 'dry jockey bearing': 0.85, 'dirty jockey wheels': 0.85 },
  },
  'rag on the chain': {
    kind: 'look',
    minutes: 0.5,
    hits: {
      'dirty chain': 0.85,
      'dry chain': 0.8,
      'rusted chain': 0.92,
      'lube not set': 0.75,
      'wax flakes': 0.75,
    },
  },
  'look at the cogs': {
    kind: 'look',
    minutes: 2,
    hits: { 'dirty cogs': 0.9, 'bad tooth': 0.85, 'worn cogs': 0.6, 'packed ring': 0.95 },
  },
  'measure the chain': { kind: 'look', minutes: 2, hits: { 'worn chain': 0.95 } },
  'swap the cog': {
    kind: 'look',
    needs: 'derailleur',
    minutes: 1.5,
    hits: { 'worn cogs': 0.85, 'bad tooth': 0.5 },
  },
  'both ends of the gears': {
    kind: 'look',
    needs: 'derailleur',
    minutes: 2,
    hits: { 'chain too long': 0.92, 'chain too short': 0.96, 'limit screw': 0.85 },
  },
  'feel the slack': { kind: 'look', minutes: 1, hits: { 'slack chain': 0.95 } },
  'look at the front cage': { kind: 'look', minutes: 1, hits: { 'cage rubs': 0.92 } },
  'hang and rock': {
    kind: 'look',
    minutes: 2,
    hits: { 'loose crank parts': 0.75 },
  },
  'turn the barrel': { kind: 'mend', minutes: 5, hits: { 'out of index': 0.75 } },
  'wipe and lube': {
    kind: 'mend',
    minutes: 12,
    hits: { 'dry chain': 0.95, 'rusted chain': 0.35, 'dirty chain': 0.2 },
  },
  'clean on the bike': {
    kind: 'mend',
    minutes: 30,
    hits: {
      'dirty chain': 0.92,
      'dirty cogs': 0.85,
      'dirty jockey wheels': 0.85,
      'packed ring': 0.6,
      'dry chain': 0.95,
      'rusted chain': 0.4,
      'lube not set': 0.85,
      'wax flakes': 0.8,
    },
  },
  'scrape the jockey wheels': {
    kind: 'mend',
    minutes: 4,
    hits: { 'dirty jockey wheels': 0.95 },
    tools: ['scraper or stick', 'rag'],
  },
  'oil the jockey bearings': {
    kind: 'mend',
    minutes: 6,
    hits: { 'dry jockey bearing': 0.8 },
    tools: ['hex keys', 'a drop of oil'],
  },
  'tighten the crank side': {
    kind: 'mend',
    minutes: 8,
    hits: { 'loose crank parts': 0.55 },
    tools: ['torque wrench', 'hex keys'],
  },
  'ride and listen': {
    kind: 'look',
    minutes: 3,
    hits: { 'new chain settling': 0.9, 'wax flakes': 0.9, 'lube not set': 0.5 },
  },
} as const satisfies Record<string, StepFacts>;

export type StepId = keyof typeof STEP_FACTS;
export const STEP_IDS = Object.keys(STEP_FACTS) as StepId[];

/** Chance that a step shows or cures a cause. */
export const hitOf = (step: StepId, cause: Cause): number =>
  (STEP_FACTS[step] as StepFacts).hits[cause] ?? 0;

/** What a look shows less often is not looked for by it. */
const SHOWN_FROM = 0.3;

/** Of some causes those that a step shows, the surest first. */
export const shownBy = (step: StepId, causes: readonly Cause[]): Cause[] =>
  causes
    .filter((cause) => hitOf(step, cause) >= SHOWN_FROM)
    .sort((a, b) => hitOf(step, b) - hitOf(step, a));
