import type { Mark, StoredRun } from '../records/benchRun';
import type * as BenchRun from '../records/benchRun';
import type { Standard } from '../records/standards';
import { MS_PER_MINUTE } from '../units/convert';
import type { CautionName } from './cautions';
import type { Job } from './job';
import { procedure } from './procedure';
import type { BenchStep } from './steps';
import { upgraded } from './upgrade';
import { NO_BETTER } from '../words/bench/wiping';

export type { Mark };

/** A session at the bench: the job, and all that was marked. Everything shown follows from it. */
export type Run = Omit<StoredRun, 'job'> & { job: Job };

/** Reads a session from the text it was kept as, brought up to today's; null where it cannot be taken up again. */
export function readRun(
  text: string,
  { runSchema }: Pick<typeof BenchRun, 'runSchema'>,
): Run | null {
  try {
    const read = runSchema.safeParse(JSON.parse(text));
    return read.success ? upgraded(read.data) : null;
  } catch {
    return null;
  }
}

/** The darkest swatch that passes before a coat, by the rider's standard. Own choice. */
export const PASS_SWATCH: Record<Standard, number> = { immaculate: 1, tidy: 2, 'easy-going': 3 };

export interface Timer {
  step: string;
  label: string;
  startedAt: number;
  endsAt: number;
}

/** How a step stands that is behind. */
type Standing = 'done' | 'skipped' | 'left open';

/** A session as it stands. */
export interface BenchState {
  steps: readonly BenchStep[];
  /** How each step stands; absent: still to do. */
  state: ReadonlyMap<string, Standing>;
  /** The step to do now; null when all are behind. */
  current: BenchStep | null;
  /** Its check was answered No before: there is a way on without a Yes. */
  mayLeaveOpen: boolean;
  /** Timers that run, or have just run out, in order of ending. */
  timers: Timer[];
  /** What the last check came to, to be said at the current step. */
  said: string | null;
  /** Rag swatches read, in order; and the photograph of the last, where there is one. */
  swatches: number[];
  photo: Mark['photo'];
  /** A pot or kettle is hot. */
  hot: boolean;
}

/** Plays the marks of a session. A failed check opens its steps again from the one it goes back to. */
export function benchOf(run: Run): BenchState {
  const steps = procedure(run.job);
  const index = new Map<string, number>(steps.map((s, n) => [s.id, n]));
  const state = new Map<string, Standing>();
  const failed = new Set<string>();
  const timers = new Map<string, Timer>();
  const swatches: number[] = [];
  let photo: Mark['photo'];
  let said: string | null = null;
  let hot = false;
  const again = (check: NonNullable<BenchStep['check']>, at: number) => {
    const from = index.get(check.failTo) ?? at;
    for (const { id } of steps.slice(from, at + 1)) {
      state.delete(id);
      timers.delete(id);
    }
    said = check.failWhy;
  };
  for (const mark of run.marks) {
    const at = index.get(mark.step);
    const step = at === undefined ? undefined : steps[at];
    if (at === undefined || !step) continue;
    said = null;
    if (mark.kind === 'failed' && step.check) {
      failed.add(step.id);
      again(step.check, at);
      continue;
    }
    if (mark.kind === 'swatch' && step.check && mark.swatch !== null) {
      const last = swatches.at(-1);
      swatches.push(mark.swatch);
      photo = mark.photo;
      if (mark.swatch > PASS_SWATCH[run.job.standard]) {
        if (last === undefined || mark.swatch < last) {
          again(step.check, at);
          continue;
        }
        said = NO_BETTER;
      }
    }
    state.set(step.id, standingOf(mark));
    // What was waited for is over, also where the rider went on without waiting.
    if (step.waitsFor) timers.delete(step.waitsFor);
    timers.delete(step.id);
    if (mark.kind === 'skipped') continue;
    hot = hotAfter(step, hot);
    if (step.timer) timers.set(step.id, { step: step.id, ...started(step.timer, mark.at) });
  }
  const current = steps.find((s) => !state.has(s.id)) ?? null;
  return {
    steps,
    state,
    current,
    mayLeaveOpen: current !== null && failed.has(current.id),
    timers: [...timers.values()].sort((a, b) => a.endsAt - b.endsAt),
    said,
    swatches,
    photo,
    hot,
  };
}

const started = ({ label, minutes }: NonNullable<BenchStep['timer']>, startedAt: number) => ({
  label,
  startedAt,
  endsAt: startedAt + minutes * MS_PER_MINUTE,
});

/** Whether a pot or kettle is hot after a step. */
function hotAfter({ acts }: BenchStep, before: boolean): boolean {
  if (acts.includes('pot off') || acts.includes('pour')) return false;
  return before || acts.includes('pot on') || acts.includes('kettle on');
}

const standingOf = ({ kind }: Mark): Standing =>
  kind === 'skipped' || kind === 'left open' ? kind : 'done';

/** The steps that were done, in their order: from these follows how the bike stands. */
export const stepsDone = ({ steps, state }: BenchState): BenchStep[] =>
  steps.filter((s) => state.get(s.id) === 'done');

/** The timer a step waits for, while it runs; null when it need not wait any longer. */
export function waitingFor({ timers }: BenchState, step: BenchStep, now: number): Timer | null {
  const timer = timers.find((t) => t.step === step.waitsFor);
  return timer && timer.endsAt > now ? timer : null;
}

/** Cautions of a step still to be acknowledged in this session. */
export const unacknowledged = (
  run: Run,
  step: BenchStep,
  mayHurt: (name: CautionName) => boolean,
): CautionName[] => step.cautions.filter((c) => mayHurt(c) && !run.acknowledged.includes(c));

/** Whether a step may pass by itself, hands free: never a caution unseen, a check, or a closing step. */
export const passesByItself = (step: BenchStep, open: readonly CautionName[]): boolean =>
  open.length === 0 && step.check === null && !step.closing;

/** A longer gap between two marks is an absence, not work. */
const ABSENCE_MIN = 20;

/** Minutes with hands on the bike: between marks, less absences and what was waited for a timer. */
export function minutesWorked(run: Run): number {
  const steps = new Map<string, BenchStep>(procedure(run.job).map((s) => [s.id, s]));
  const ends = new Map<string, number>();
  let last = run.startedAt;
  let ms = 0;
  for (const mark of run.marks) {
    const step = steps.get(mark.step);
    const waited = Math.min(mark.at, (step?.waitsFor && ends.get(step.waitsFor)) || 0);
    const gap = mark.at - Math.max(last, waited);
    ms += Math.min(Math.max(0, gap), ABSENCE_MIN * MS_PER_MINUTE);
    if (step?.timer && mark.kind === 'done')
      ends.set(step.id, mark.at + step.timer.minutes * MS_PER_MINUTE);
    last = mark.at;
  }
  return Math.round(ms / MS_PER_MINUTE);
}

/** Minutes from the start to the last mark. */
export const minutesElapsed = (run: Run): number =>
  Math.round(((run.marks.at(-1)?.at ?? run.startedAt) - run.startedAt) / MS_PER_MINUTE);
