import { Chance } from '@/core/chance/chance';
import { runTrial, type TrialRun } from '@/test/trialRiders';
import type { FaultFigure } from './noises';

/** Trials of each kind; more than 2,000 in all. */
const OF_EACH = 300;
/** A band told for half of the cases, and one for nine of ten, may be off by so much. */
const OFF = 0.05;
const MOST_ALARMS = 0.1;

interface Kind {
  what: string;
  /** The logarithm of A over B of what distance takes; null: drawn from what is believed before. */
  ratio: number | null;
  careFor: number;
  coatsAnArm: number;
  wet?: true;
  acts?: 'on distance';
}

const KINDS: readonly Kind[] = [
  { what: 'equal, cares for 50 %', ratio: 0, careFor: 0.5, coatsAnArm: 8 },
  { what: 'equal, cares for 25 %', ratio: 0, careFor: 0.25, coatsAnArm: 20 },
  { what: 'equal, A always in the wet', ratio: 0, careFor: 0.5, coatsAnArm: 8, wet: true },
  { what: 'drawn, cares for 50 %', ratio: null, careFor: 0.5, coatsAnArm: 8 },
  { what: 'half as far again', ratio: Math.log(1.5), careFor: 0.5, coatsAnArm: 8 },
  { what: 'a quarter farther', ratio: Math.log(1.25), careFor: 0.25, coatsAnArm: 20 },
  {
    what: 'drawn, acting on distance only',
    ratio: null,
    careFor: 0.5,
    coatsAnArm: 8,
    acts: 'on distance',
  },
];

/** What trials of a kind came to. */
export interface TrialRow {
  what: string;
  planned: number;
  a: number;
  b: number;
  equal: number;
  less: number;
  open: number;
  /** Coats until the end, on the average. */
  coats: number;
  /** Shares of trials in which the truth lay in the band of half, and of nine tenths. */
  half: number;
  most: number;
  /** Of those that said "less": shares in which the truth was not. */
  wrongLess: number;
}

function rowOf({ what, ratio, careFor, coatsAnArm, wet, acts }: Kind): TrialRow {
  const runs: TrialRun[] = Array.from({ length: OF_EACH }, (_, seed) => {
    const chance = new Chance(seed, 93);
    const sigma = 0.25 * Math.exp(0.35 * chance.normal());
    const times = Math.exp(ratio ?? 0.3 * chance.normal());
    const weather = wet ? ('A in the wet' as const) : ('same' as const);
    return runTrial({
      seed,
      ratio: times,
      sigma,
      careFor,
      coatsAnArm,
      weather,
      ...(acts ? { acts } : {}),
    });
  });
  const share = (is: (run: TrialRun) => boolean) => runs.filter(is).length / runs.length;
  const less = runs.filter((r) => r.answer.settled === 'less');
  const wrong = less.filter((r) => Math.abs(Math.log(r.truth)) > Math.log(1 + careFor));
  return {
    what,
    planned: 2 * coatsAnArm,
    a: share((r) => r.answer.settled === 'a'),
    b: share((r) => r.answer.settled === 'b'),
    equal: share((r) => r.answer.settled === 'equal'),
    less: share((r) => r.answer.settled === 'less'),
    open: share((r) => r.answer.settled === null),
    coats: runs.reduce((sum, r) => sum + r.coats, 0) / runs.length,
    half: share(({ truth, answer: { ratio: r } }) => truth >= r.low && truth <= r.high),
    most: share(({ truth, answer: { ratio: r } }) => truth >= r.least && truth <= r.most),
    wrongLess: less.length > 0 ? wrong.length / less.length : 0,
  };
}

export const trialRows = (say: (line: string) => void): TrialRow[] =>
  KINDS.map((kind) => {
    say(`Trials: ${kind.what} …`);
    return rowOf(kind);
  });

const percent = (share: number): string => `${(100 * share).toFixed(1)} %`;

/** The rows as a table. */
export const trialTable = (rows: readonly TrialRow[]): string =>
  [
    '| habits | coats at most, mean | A better | B better | equal | less than cared for | open | truth in the half band, in nine tenths |',
    '| --- | --- | --- | --- | --- | --- | --- | --- |',
    ...rows.map(
      (r) =>
        `| ${r.what} | ${r.planned}, ${r.coats.toFixed(1)} | ${percent(r.a)} | ${percent(r.b)} | ${percent(r.equal)} | ${percent(r.less)} | ${percent(r.open)} | ${percent(r.half)}, ${percent(r.most)} |`,
    ),
  ].join('\n');

/** Figures of the trials, and the bounds they must hold. */
export function trialFigures(rows: readonly TrialRow[]): FaultFigure[] {
  const drawn = rows.find((r) => r.what === 'drawn, cares for 50 %') as TrialRow;
  const halfAgain = rows.find((r) => r.what === 'half as far again') as TrialRow;
  const alarms = rows
    .filter((r) => r.what.startsWith('equal'))
    .map((r) => ({
      what: `false alarms of the stopping rule, ${r.what}; at most ${MOST_ALARMS}`,
      value: r.a + r.b,
      holds: r.a + r.b <= MOST_ALARMS,
    }));
  return [
    ...alarms,
    {
      what: `truth within the band told for half, differences drawn; 0.5 ± ${OFF}`,
      value: drawn.half,
      holds: Math.abs(drawn.half - 0.5) <= OFF,
    },
    {
      what: `truth within the band told for nine tenths, differences drawn; 0.9 ± ${OFF}`,
      value: drawn.most,
      holds: Math.abs(drawn.most - 0.9) <= OFF,
    },
    {
      what: 'of trials of drawn differences that ended with "less than you care for", those where it was not; at most 0.1',
      value: drawn.wrongLess,
      holds: drawn.wrongLess <= 0.1,
    },
    {
      what: 'of trials of a difference just as large as cared for, those that ended with "less"; at most 0.2',
      value: halfAgain.less,
      holds: halfAgain.less <= 0.2,
    },
    {
      what: 'coats until the end, of those planned, all kinds; at most 0.9',
      value: rows.reduce((sum, r) => sum + r.coats / r.planned, 0) / rows.length,
      holds: rows.reduce((sum, r) => sum + r.coats / r.planned, 0) / rows.length <= 0.9,
    },
  ];
}
