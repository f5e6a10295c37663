import type { Replay } from '../care/replay/replay';
import type { LubeClass } from '../lube/classes';
import type { Trial } from '../records/trial';
import { type Arm, ARMS } from '../records/trialKinds';
import type { Garage } from '../records/garage';
import { answerOf, type Answer, type Asked } from './answer';
import { coatsSince, type RagOfCoat } from './coats';
import { commonOf, evenedKm, evenedLevel, offsetOf, type Common } from './common';
import { dueArm } from './due';
import { coatsOf, ragNear, type TrialCoat } from './judged';
import { priorOf } from './noise';
import type { Evidence } from './evidence';

/** A point of the picture: a coat that counts, as it was and with its weather taken out. */
export interface CoatPoint {
  arm: Arm;
  at: string;
  /** Kilometres, or the grit outside that a rag showed. */
  raw: number;
  evened: number;
  /** It had not squeaked at its end: it lasted longer. */
  atLeast: boolean;
}

/** How a trial stands. */
export interface TrialReport {
  trial: Trial;
  coats: TrialCoat[];
  points: CoatPoint[];
  answer: Answer;
  /** The habit the next coat is due by; null: it has ended, or its coats are all on. */
  due: Arm | null;
  /** The coats of each habit that count, those that are still on too. */
  taken: Record<Arm, number>;
}

const isTelling = (c: TrialCoat): c is TrialCoat & { arm: Arm; evidence: Evidence } =>
  c.evidence !== null && (c.arm === 'a' || c.arm === 'b');

/** The lube class of each habit: of two bottles their own, else that of its coats. */
function lubesOf(
  { question }: Trial,
  coats: readonly TrialCoat[],
  products: Garage['products'],
): Record<Arm, LubeClass | null> {
  const seen = (arm: Arm) =>
    coats.find((c) => c.arm === arm && c.uncounted === null)?.coat.lube ?? null;
  const own = (arm: Arm) =>
    question.kind === 'product' ? (products[question[arm]]?.lubeClass ?? null) : null;
  return { a: own('a') ?? seen('a'), b: own('b') ?? seen('b') };
}

function pointOf(
  { coat, arm, evidence }: TrialCoat & { arm: Arm; evidence: Evidence },
  { ragKm }: Trial,
  common: Common,
  rags: readonly RagOfCoat[],
): CoatPoint {
  const at = coat.work.at;
  const rag = evidence.kind === 'rag' ? ragNear(coat, ragKm) : null;
  if (rag)
    return { arm, at, raw: rag.level, evened: evenedLevel(rag, rags, ragKm), atLeast: false };
  const { from, to } = evidence.kind === 'lasted' ? evidence : { from: 0, to: 0 };
  const atLeast = to === Infinity;
  return {
    arm,
    at,
    raw: coat.km,
    evened: evenedKm(atLeast ? from : to, common, coat.lube),
    atLeast,
  };
}

/** What a trial asks of its coats. */
export function askedOf(trial: Trial, offset: number): Asked {
  const { question, measure, careFor, coatsAnArm } = trial;
  return {
    prior: priorOf(question.kind, offset),
    offset,
    more: measure === 'squeak' ? 'better' : 'worse',
    careFor,
    coatsAnArm,
  };
}

/** How a trial stands by the log. */
export function trialReport(
  trial: Trial,
  replay: Replay,
  runs = coatsSince(replay, trial.startedAt),
): TrialReport {
  const coats = coatsOf(trial, runs);
  const telling = coats.filter(isTelling);
  const common = commonOf(telling.map((c) => c.coat));
  const lubes = lubesOf(trial, coats, replay.garage.products);
  const offset = lubes.a && lubes.b ? offsetOf(trial.measure, common, lubes.a, lubes.b) : 0;
  const of = (arm: Arm) => telling.filter((c) => c.arm === arm).map((c) => c.evidence);
  const rags = telling.flatMap(({ coat }) => ragNear(coat, trial.ragKm) ?? []);
  const count = (arm: Arm) => coats.filter((c) => c.arm === arm && c.uncounted === null).length;
  const taken = { a: count('a'), b: count('b') };
  const full = ARMS.every((arm) => taken[arm] >= trial.coatsAnArm);
  return {
    trial,
    coats,
    points: telling.map((c) => pointOf(c, trial, common, rags)),
    answer: answerOf({ a: of('a'), b: of('b') }, askedOf(trial, offset)),
    due: trial.endedAt !== null || full ? null : dueArm(trial, coats),
    taken,
  };
}
