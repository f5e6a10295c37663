import type { BikeProblem, Work } from '../solver/problem';
import { begun, ended, throughDay, toBench } from './day';
import { blindCopy, setBlindly, type Future } from './future';

/** A job of the plan: the day of the plan, and what is done. */
export interface PlannedJob {
  day: number;
  work: Work;
}

/**
 * Follows one sequence of jobs after the other through the same futures. Sequences that are tried differ in a job or
 * two from the one that is held to: each is followed from the first day on which it does.
 */
export class Sequences {
  /** The futures before each day of the sequence held to; those of the first so many days are true of it. */
  private readonly mornings: Future[][] = [];
  private known = 0;
  /** The futures of the sequence followed last: some hundred are, so that they are made once and set anew. */
  private futures: Future[] = [];
  private jobs: readonly PlannedJob[] = [];
  private readonly way;

  constructor(
    private readonly problem: BikeProblem,
    shared: readonly boolean[],
  ) {
    this.way = { shared, blind: true };
  }

  /** Holds to these jobs, in order of their days, from now on; returns what becomes of every future, until it is asked again. */
  hold(jobs: readonly PlannedJob[]): Future[] {
    this.known = Math.min(this.known, this.parting(jobs) + 1);
    this.jobs = jobs;
    return this.follow(jobs, true);
  }

  /** Returns what becomes of every future by these jobs, in order of their days, until it is asked again. */
  follow(jobs: readonly PlannedJob[], keeps = false): Future[] {
    const { problem, way, mornings } = this;
    const from = Math.min(this.known - 1, this.parting(jobs));
    const futures = from < 0 ? begun(problem, way) : set(this.futures, mornings[from]!);
    this.futures = futures;
    const agenda = new Map(jobs.map((j) => [j.day, j.work]));
    for (let d = Math.max(0, from); d < problem.benches.length; d++) {
      if (keeps && d >= this.known) {
        mornings[d] = set(mornings[d] ?? futures.map(blindCopy), futures);
        this.known = d + 1;
      }
      toBench(futures, problem.benches[d]!, way);
      const work = agenda.get(d) ?? null;
      throughDay(problem, futures, { d, works: futures.map(() => work) }, way);
    }
    ended(problem, futures, way);
    return futures;
  }

  /** The first day on which jobs are not those held to. */
  private parting(jobs: readonly PlannedJob[]): number {
    const { jobs: held } = this;
    let n = 0;
    while (n < jobs.length && jobs[n]!.day === held[n]?.day && jobs[n]!.work === held[n]?.work)
      n += 1;
    return Math.min(jobs[n]?.day ?? Infinity, held[n]?.day ?? Infinity);
  }
}

/** Puts futures where others stand. */
function set(futures: Future[], where: readonly Future[]): Future[] {
  for (let k = 0; k < where.length; k++) setBlindly(futures[k]!, where[k]!);
  return futures;
}
