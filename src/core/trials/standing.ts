import type { LubeClass } from '../lube/classes';
import { answerOf, type Answer } from './answer';
import type { CoatRun } from './coats';
import { commonOf, offsetOf } from './common';
import type { Evidence } from './evidence';
import { saidOf } from './judged';
import { priorOf } from './noise';

/** Two lubes that the log has on one bike, as they stand beside each other: seen, and not drawn by lot. */
export interface Standing {
  bikeId: string;
  a: LubeSeen;
  b: LubeSeen;
  answer: Answer;
}

/** A lube of the log, by bottle where that is known. */
export interface LubeSeen {
  key: string;
  bottle: string | null;
  lube: LubeClass;
}

/** Coats of each that must have been heard for a word on them, at least one of them to its end. Own choice. */
const LEAST_COATS = 3;

/** What the coats of a log (`coatsSince`) hold of lubes beside each other on a bike, those heard on most coats first. */
export function standingOn(runs: readonly CoatRun[], bikeId: string): Standing[] {
  const bySeen = new Map<string, { seen: LubeSeen; coats: CoatRun[]; evidence: Evidence[] }>();
  for (const coat of runs) {
    const evidence = coat.bikeId === bikeId ? saidOf(coat) : null;
    if (!evidence) continue;
    const { bottle, lube } = coat;
    const key = bottle ?? lube;
    const known = bySeen.get(key) ?? { seen: { key, bottle, lube }, coats: [], evidence: [] };
    bySeen.set(key, known);
    known.coats.push(coat);
    known.evidence.push(evidence);
  }
  const enough = [...bySeen.values()]
    .filter((s) => s.evidence.length >= LEAST_COATS && s.coats.some((c) => c.end === 'squeak'))
    .sort((x, y) => y.evidence.length - x.evidence.length);
  return enough.flatMap((a, n) =>
    enough.slice(n + 1).map((b): Standing => {
      const common = commonOf([...a.coats, ...b.coats]);
      const offset = offsetOf('squeak', common, a.seen.lube, b.seen.lube);
      const answer = answerOf(
        { a: a.evidence, b: b.evidence },
        {
          prior: priorOf('product', offset),
          offset,
          more: 'better',
          careFor: 0.25,
          coatsAnArm: 20,
        },
      );
      return { bikeId, a: a.seen, b: b.seen, answer };
    }),
  );
}
