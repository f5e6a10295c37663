import { METHODS } from '../care/model/work';
import type { WorkDone } from '../records/event';
import type { Trial } from '../records/trial';
import type { Measure, Tried } from '../records/trialKinds';
import type { CoatRun, RagOfCoat } from './coats';
import type { Evidence } from './evidence';

/** Why a coat does not count in a trial. */
export type Uncounted =
  /** Nobody said which way it went on, or it went on another way than either. */
  | 'not said'
  | 'neither'
  /** Less than a coat; put on wet to save the chain; with another lube; over much of the other one; ridden too soon. */
  | 'thin'
  | 'rescue'
  | 'other lube'
  | 'mixed'
  | 'early'
  /** It ended before it could tell; no rag was read at its distance. */
  | 'too short'
  | 'no rag';

/** A coat as a trial takes it. */
export interface TrialCoat {
  coat: CoatRun;
  arm: Tried | null;
  uncounted: Uncounted | null;
  /** What it showed; null: nothing yet, or nothing that counts. */
  evidence: Evidence | null;
}

/** A coat put on as less than this share is a thin one. Own choice. */
const WHOLE = 0.9;
/** More of the other lube than this under a coat, and it is a mixture. Own choice. */
const MOST_UNDER = 0.3;
/** A coat that lasted less than this many handbook lives without a squeak tells nothing. Own choice. */
const TELLING_LIVES = 0.1;
/** Less grit gathered than this, and a rag tells nothing of how fast it comes: as the care model has it. */
const TELLING_GRIT = 0.05;
/** A rag counts from half of its distance to one and a half. Own choice. */
const NEAR = 0.5;

/** Which of the ways of going over an old coat a piece of work was. */
function oldCoatOf({ method }: WorkDone, over: CoatRun['over']): string {
  if (METHODS[method].deep || over === null) return 'clean';
  return method === 'flush and wipe' ? 'flush' : 'wipe';
}

/** The habit a coat was put on by, as it was done; null: nobody said. */
export function armOf(
  { id, question }: Pick<Trial, 'id' | 'question'>,
  coat: CoatRun,
): Tried | null {
  const { work } = coat;
  const named = (what: string): Tried =>
    what === question.a ? 'a' : what === question.b ? 'b' : 'neither';
  if (question.kind === 'product') return coat.bottle === null ? null : named(coat.bottle);
  if (question.kind === 'way' && question.way === 'oldCoat')
    return named(oldCoatOf(work, coat.over));
  return work.trial?.id === id ? work.trial.arm : null;
}

/** Whether a coat is of another lube than the one all coats of a trial are of. */
function isOther({ lube, bottle }: CoatRun, first: CoatRun | null): boolean {
  if (!first) return false;
  const both = bottle !== null && first.bottle !== null;
  return lube !== first.lube || (both && bottle !== first.bottle);
}

/** Why a coat tells nothing of its lube, whoever asks; null: it may. */
function spoiltAnyway({ work, early }: CoatRun): 'rescue' | 'thin' | 'early' | null {
  if (work.depth === 'rescue' || work.depth === 'roadside') return 'rescue';
  if ((work.lube?.coat ?? 0) < WHOLE || work.depth === 'thin coat') return 'thin';
  return early ? 'early' : null;
}

/** Why a coat does not count, whatever it showed; null: it does. */
function spoiltBy(
  trial: Trial,
  coat: CoatRun,
  arm: Tried | null,
  first: CoatRun | null,
): Uncounted | null {
  const { over } = coat;
  const anyway = spoiltAnyway(coat);
  if (anyway) return anyway;
  if (arm === null) return 'not said';
  if (trial.question.kind === 'product') {
    if (arm === 'neither') return 'other lube';
    if (over && over.film > MOST_UNDER && over.lube !== (coat.bottle ?? coat.lube)) return 'mixed';
  } else if (isOther(coat, first)) return 'other lube';
  return arm === 'neither' ? 'neither' : null;
}

/** What a coat showed of how long it lasts. */
function lastedOf({ end, lasted }: CoatRun): Evidence | null {
  if (end === 'squeak') return lasted.to > 0 ? { kind: 'lasted', ...lasted } : null;
  const { from } = lasted;
  return from < TELLING_LIVES ? null : { kind: 'lasted', from, to: Infinity };
}

/** The rag of a coat read nearest to a distance. */
export function ragNear(coat: CoatRun, ragKm: number): RagOfCoat | null {
  const off = (km: number) => Math.abs(Math.log(km / ragKm));
  const near = coat.rags.filter(
    ({ km, gathered }) =>
      gathered > TELLING_GRIT && km >= (1 - NEAR) * ragKm && km <= (1 + NEAR) * ragKm,
  );
  return near.length === 0 ? null : near.reduce((a, b) => (off(b.km) < off(a.km) ? b : a));
}

const shownBy = (measure: Measure, ragKm: number, coat: CoatRun): Evidence | null =>
  measure === 'squeak' ? lastedOf(coat) : ragNear(coat, ragKm);

/** The coats of a trial, those that do not count too, in order of time. */
export function coatsOf(trial: Trial, coats: readonly CoatRun[]): TrialCoat[] {
  const { measure, ragKm, bikeId, startedAt, endedAt } = trial;
  const own = coats.filter(
    ({ bikeId: on, work }) =>
      on === bikeId && work.at >= startedAt && (endedAt === null || work.at <= endedAt),
  );
  const first = own.find((coat) => armOf(trial, coat) !== null) ?? null;
  return own.map((coat) => {
    const arm = armOf(trial, coat);
    const spoilt = spoiltBy(trial, coat, arm, first);
    const evidence = spoilt === null ? shownBy(measure, ragKm, coat) : null;
    const over = coat.end !== 'on' || (measure === 'rag' && coat.km > (1 + NEAR) * ragKm);
    const told = measure === 'squeak' ? 'too short' : 'no rag';
    return { coat, arm, evidence, uncounted: spoilt ?? (evidence === null && over ? told : null) };
  });
}

/**
 * What was said of a coat, where nobody promised to note a squeak and a new coat may have any reason: where it squeaked, or that
 * it was quiet; null: nothing.
 */
export function saidOf(coat: CoatRun): Evidence | null {
  const { end, lasted, quietTo } = coat;
  if (spoiltAnyway(coat)) return null;
  if (end === 'squeak') return lasted.to > 0 ? { kind: 'lasted', ...lasted } : null;
  return quietTo > 0 ? { kind: 'lasted', from: quietTo, to: Infinity } : null;
}
