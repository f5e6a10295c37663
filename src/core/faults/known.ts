import type { Cause, Notable } from '../records/faults';
import type { LogFacts } from './facts';
import type { Known } from './odds';

/** What of the log moved the odds of causes, as data: the words are made of it. */
export type Reason =
  | { code: 'film'; percent: number }
  | { code: 'grit'; over: boolean }
  | { code: 'cogs dirty' }
  | { code: 'rust' }
  | { code: 'worn'; over: boolean }
  | { code: 'opened'; km: number }
  | { code: 'long closed'; km: number }
  | { code: 'new chain, old cogs'; km: number }
  | { code: 'new chain'; km: number }
  | { code: 'lubed'; km: number }
  | { code: 'rode unset' }
  | { code: 'rain, no rescue'; km: number }
  | { code: 'degreased jockey wheels'; times: number }
  | { code: 'found before'; times: number }
  | { code: 'noted'; what: Notable; at: string };

/** A reason and by how much it makes causes likelier, or less likely. */
export interface Moved {
  reason: Reason;
  causes: readonly Cause[];
  factor: number;
}

/** Work that opened a chain is to blame for so far; after this it would have been heard. Own estimate. */
const OPENED_KM = 100;
/** Nothing that was closed wrongly stays unnoticed for so long. Own estimate. */
const LONG_CLOSED_KM = 600;
/** A chain is new, and its sounds settle, for so long. Common practice. */
const NEW_KM = 150;
/** A cassette that has worn out a chain skips under a new one. Common practice. */
const OLD_CASSETTE_KM = 3000;
/** Degreasings take the grease out of a jockey wheel's bearing by and by. Own estimate. */
const MANY_DEGREASINGS = 6;
/** Settles after lubing, km. Own estimate. */
const JUST_LUBED_KM = 80;

const CLOSED_WRONG: readonly Cause[] = [
  'unseated link',
  'link wrong way',
  'wrong side of tab',
  'outside the stay',
  'reversed chain',
];

/** What the log says of causes before anything is asked. Factors: own estimates; a factor of 1 is left out. */
export function movedBy(facts: LogFacts): Moved[] {
  const { film, outside, inside, cogs, rust, wear, kmSinceOpened, kmOnChain } = facts;
  const { kmOnCassette, kmSinceLubed, riddenUnset, kmSinceWet, jockeyDegreasings } = facts;
  const grit = Math.max(outside, inside);
  const moved: Moved[] = [];
  const move = (reason: Reason, causes: readonly Cause[], factor: number) =>
    moved.push({ reason, causes, factor });
  if (film < 0.15) move({ code: 'film', percent: Math.round(film * 100) }, ['dry chain'], 4);
  else if (film > 0.5) move({ code: 'film', percent: Math.round(film * 100) }, ['dry chain'], 0.12);
  if (grit > 1) move({ code: 'grit', over: true }, ['dirty chain'], 3);
  else if (grit < 0.4) move({ code: 'grit', over: false }, ['dirty chain'], 0.3);
  if (cogs > 1)
    move({ code: 'cogs dirty' }, ['dirty cogs', 'dirty jockey wheels', 'packed ring'], 2.5);
  if (rust > 0.1) move({ code: 'rust' }, ['rusted chain', 'stiff link'], 5);
  if (wear > 1) move({ code: 'worn', over: true }, ['worn chain', 'worn cogs'], 4);
  else if (wear < 0.5) move({ code: 'worn', over: false }, ['worn chain'], 0.15);
  if (kmSinceOpened < OPENED_KM) {
    const opened = [...CLOSED_WRONG, 'moved pin', 'chain too long', 'chain too short'] as const;
    move({ code: 'opened', km: kmSinceOpened }, opened, 6);
  } else if (kmSinceOpened > LONG_CLOSED_KM)
    move({ code: 'long closed', km: kmSinceOpened }, CLOSED_WRONG, 0.15);
  if (kmOnChain < NEW_KM) {
    move({ code: 'new chain', km: kmOnChain }, ['new chain settling'], 5);
    if (kmOnCassette !== null && kmOnCassette > OLD_CASSETTE_KM)
      move({ code: 'new chain, old cogs', km: kmOnCassette }, ['worn cogs'], 6);
  } else if (kmOnChain > 3 * NEW_KM)
    move({ code: 'new chain', km: kmOnChain }, ['new chain settling'], 0.02);
  if (kmSinceLubed !== null && kmSinceLubed < JUST_LUBED_KM)
    move({ code: 'lubed', km: kmSinceLubed }, ['wax flakes', 'oil on brake', 'lube not set'], 3);
  else if (kmSinceLubed !== null)
    move({ code: 'lubed', km: kmSinceLubed }, ['wax flakes', 'lube not set'], 0.1);
  if (riddenUnset) move({ code: 'rode unset' }, ['lube not set'], 4);
  if (kmSinceWet !== null)
    move(
      { code: 'rain, no rescue', km: kmSinceWet },
      ['rusted chain', 'dry chain', 'stiff link'],
      2,
    );
  if (jockeyDegreasings >= MANY_DEGREASINGS)
    move(
      { code: 'degreased jockey wheels', times: jockeyDegreasings },
      ['dry jockey bearing'],
      Math.min(4, 1 + jockeyDegreasings / MANY_DEGREASINGS),
    );
  return moved;
}

/** The factors of all that moved, by cause. */
export function knownBy(moved: readonly Moved[]): Known {
  const known = new Map<Cause, number>();
  for (const { causes, factor } of moved)
    for (const cause of causes) known.set(cause, (known.get(cause) ?? 1) * factor);
  return known;
}
