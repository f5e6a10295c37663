import { CARE } from '../care/model/constants';
import { beforeOf, type ReplayStep } from '../care/replay/step';
import { METHODS } from '../care/model/work';
import { ragReadOf } from '../care/model/observe';
import type { ChainState } from '../care/model/state';
import type { Replay } from '../care/replay/replay';
import type { PlainEvent, WorkDone } from '../records/event';
import { LUBE_CLASSES, type LubeClass } from '../lube/classes';
import { MS_PER_HOUR } from '../units/convert';
import type { Evidence } from './evidence';

/** Why a coat ended, or that it is on. */
export type CoatEnd =
  'squeak' | 'coated again' | 'rescued' | 'cleaned off' | 'washed' | 'moved' | 'on';

/** What was ridden on coats, as far as it wears a coat or brings dirt: enough to say what a lube does in it. */
export interface Ridden {
  /** Kilometres times load. */
  loadKm: number;
  waterMm: number;
  /** From coat to end. */
  hours: number;
  /** Dirt units, of them those on wet road. */
  dirt: number;
  wetDirt: number;
}

/** A rag read on a coat, and how far from it. */
export interface RagOfCoat extends Extract<Evidence, { kind: 'rag' }> {
  km: number;
}

/** A coat as it went on and what became of it, by the log. */
export interface CoatRun {
  work: WorkDone;
  /** The bike it was ridden on first; of one not ridden, where its chain was. */
  bikeId: string | null;
  lube: LubeClass;
  bottle: string | null;
  /** Lube left under it, of which bottle or class; null: bare. */
  over: { film: number; lube: string } | null;
  end: CoatEnd;
  endedAt: string | null;
  km: number;
  /** Handbook lives it has lasted at its end, and where a squeak ended it at the start of the ride before or when it was quiet last. */
  lasted: { from: number; to: number };
  /** Handbook lives after which it was still heard quiet; 0: nobody said. */
  quietTo: number;
  /** Ridden before it had set. */
  early: boolean;
  rags: readonly RagOfCoat[];
  ridden: Ridden;
}

/** Handbook lives of its class that a coat has lasted: what distance, water and standing took, on one scale. */
export function livesUsed(state: ChainState): number {
  if (!state.lube || state.coat <= 0) return 0;
  const byDistance = (state.worn * state.lifeKm) / LUBE_CLASSES[state.lube].lifeKm;
  return (byDistance + state.lost) / state.coat;
}

/** A coat that is being followed through the log. */
class CoatOn {
  private readonly run: CoatRun;
  /** Lives used when its last ride began. */
  private before = 0;

  constructor(step: ReplayStep, before: ChainState | null, [work, lube]: [WorkDone, LubeClass]) {
    const old = before && before.lube !== null && before.film > 0 ? before : null;
    this.run = {
      work,
      bikeId: step.bikeId,
      lube,
      bottle: step.after?.bottle ?? null,
      over: old && {
        film: old.film * METHODS[work.method].film,
        lube: old.bottle ?? old.lube ?? '',
      },
      end: 'on',
      endedAt: null,
      km: 0,
      lasted: { from: 0, to: Infinity },
      quietTo: 0,
      early: false,
      rags: [],
      ridden: { loadKm: 0, waterMm: 0, hours: 0, dirt: 0, wetDirt: 0 },
    };
  }

  /** The coat with its end, if it has come to one: what comes later tells nothing of it. */
  result(): CoatRun {
    return this.run;
  }

  private endWith(end: CoatEnd, at: string, state: ChainState, to: number): void {
    const { run } = this;
    run.end = end;
    run.endedAt = at;
    run.km = state.kmSinceLube;
    this.stoodUntil(at);
    const used = livesUsed(state);
    run.lasted =
      end === 'squeak' ? { from: Math.max(this.before, run.quietTo), to } : { from: used, to };
  }

  private stoodUntil(at: string): void {
    this.run.ridden.hours = (Date.parse(at) - Date.parse(this.run.work.at)) / MS_PER_HOUR;
  }

  private rode(step: ReplayStep, before: ChainState): void {
    const { run } = this;
    const { exposure, after } = step;
    if (!exposure || !after) return;
    if (run.km === 0) run.bikeId = step.bikeId;
    if (before.kmSinceLube === 0 && before.at < before.setAt) run.early = true;
    this.before = livesUsed(before);
    run.km = after.kmSinceLube;
    run.ridden.loadKm += exposure.km * exposure.load;
    run.ridden.waterMm += exposure.waterMm;
    run.ridden.dirt += exposure.dirtPerKm * exposure.km;
    run.ridden.wetDirt += exposure.wetDirtPerKm * exposure.km;
  }

  private heard(
    event: Extract<PlainEvent, { type: 'soundHeard' }>,
    step: ReplayStep,
    before: ChainState,
  ): void {
    // A squeak on a fresh coat is asked about, and seldom the chain's.
    if (step.after?.heard?.odd) return;
    const used = livesUsed(before);
    if (event.sound === 'squeak') this.endWith('squeak', event.at, before, used);
    if (event.sound === 'still quiet') {
      this.run.quietTo = used;
      this.run.lasted = { from: used, to: Infinity };
      this.stoodUntil(event.at);
    }
  }

  private ragRead(event: Extract<PlainEvent, { type: 'ragChecked' }>, before: ChainState): void {
    const { run } = this;
    // How much dirtier it gets for not being wiped may be what is tried.
    const times = before.wipeMissed ? CARE.unwipedStickiness.value : 1;
    const { level, sd } = ragReadOf(event.swatch, event.photo);
    const rag: RagOfCoat = {
      kind: 'rag',
      level,
      sd,
      leftOutside: before.outsideFrom,
      gathered: before.gathered / times,
      km: before.kmSinceLube,
    };
    run.rags = [...run.rags, rag];
  }

  /** Takes in what happened to its chain next; returns whether the coat is over. */
  take(step: ReplayStep, before: ChainState): boolean {
    const { event } = step;
    if (event.type === 'rideLogged') {
      if (this.run.km > 0 && step.bikeId !== this.run.bikeId)
        this.endWith('moved', event.at, before, Infinity);
      else this.rode(step, before);
    }
    if (event.type === 'soundHeard') this.heard(event, step, before);
    if (event.type === 'ragChecked') this.ragRead(event, before);
    if (event.type === 'gotWet' && event.how === 'washed')
      this.endWith('washed', event.at, before, Infinity);
    if (event.type === 'workDone') {
      if (event.lube)
        this.endWith(
          event.depth === 'rescue' || event.depth === 'roadside' ? 'rescued' : 'coated again',
          event.at,
          before,
          Infinity,
        );
      else if (METHODS[event.method].film < CLEANED_OFF)
        this.endWith('cleaned off', event.at, before, Infinity);
    }
    return this.run.end !== 'on';
  }
}

/** Work that leaves less of a coat than this has taken it off. Own choice. */
const CLEANED_OFF = 0.8;

/** A step that puts a coat on. */
const coatOf = ({ event }: ReplayStep): [WorkDone, LubeClass] | null =>
  event.type === 'workDone' && event.lube ? [event, event.lube.lubeClass] : null;

/**
 * Every coat that went onto a chain from a moment (ISO) on, in order of time, with what became of it. A coat ends with its first
 * squeak; with the next coat, a clean, a wash, or another bike it counts as one that lasted at least so long.
 */
export function coatsSince(replay: Replay, since: string): CoatRun[] {
  const coats: CoatRun[] = [];
  const on = new Map<string, CoatOn>();
  for (const step of replay.steps) {
    const { chainId, event } = step;
    const open = chainId === null ? undefined : on.get(chainId);
    const fresh = event.at < since ? null : coatOf(step);
    if (chainId === null || (!open && !fresh)) continue;
    const before = beforeOf(step);
    if (before && open?.take(step, before)) on.delete(chainId);
    if (!fresh) continue;
    const coat = new CoatOn(step, before, fresh);
    coats.push(coat.result());
    on.set(chainId, coat);
  }
  return coats;
}
