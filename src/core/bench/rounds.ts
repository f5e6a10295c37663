import type { Round, RoundEnd } from '../records/rounds';
import type { Job } from './job';
import { look } from './look';
import { step, type BenchStep } from './steps';
import type { BenchState, Run } from './run';
import * as SAID from '../words/bench/rounds';

/** A slower round that rides along with a chain job, with what it says of this bike. */
export interface BenchRound {
  round: Round;
  name: string;
  minutes: number;
  tools: string;
  steps: readonly string[];
  caution: string;
}

/** The rounds of a job, before the bike is set down: a step for each thing to do, and the word on each at its end. */
export const roundSteps = ({ rounds }: Job): BenchStep[] =>
  rounds.flatMap(({ round, name, minutes, tools, steps, caution }) => {
    const hands = minutes / (steps.length + 1);
    return [
      ...steps.map((what, n) =>
        step({
          id: `round ${round} ${n + 1}`,
          phase: 'check',
          what,
          why: caution,
          acts: ['look round the bike'],
          materials: n === 0 ? [tools] : [],
          hands,
        }),
      ),
      {
        ...look({ id: `round ${round}`, ...SAID.isFine(name, caution), hands }),
        phase: 'check' as const,
        // A round is no part of what makes the chain safe: it can be left for another day.
        closing: false,
      },
    ];
  });

/** A round that was seen to in a session, and how it ended. */
export interface RoundSeen {
  round: Round;
  end: RoundEnd;
}

/** The rounds that were seen to: put right where the first look failed, for the workshop where it was left open. */
export const roundsSeen = (
  { job, marks }: Run,
  { state }: Pick<BenchState, 'state'>,
): RoundSeen[] =>
  job.rounds.flatMap(({ round }): RoundSeen[] => {
    const id = `round ${round}`;
    const failed = marks.some((m) => m.step === id && m.kind === 'failed');
    switch (state.get(id)) {
      case 'left open':
        return [{ round, end: 'workshop' }];
      case 'done':
        return [{ round, end: failed ? 'put right' : 'fine' }];
      default:
        return [];
    }
  });
