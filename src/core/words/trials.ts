import type { Garage } from '../records/garage';
import type { Answer } from '../trials/answer';
import type { Design } from '../trials/designs';
import type { Uncounted } from '../trials/judged';
import type { TrialReport } from '../trials/report';
import type { CoatEnd } from '../trials/coats';
import type { TrialQuestion } from '../records/trial';
import type { Arm, Measure, TriedWay } from '../records/trialKinds';
import { formatDistance, formatNumber } from '../units/format';
import type { Units } from '../units/convert';
import { aboutMoney } from './amounts';
import { LUBING_WORDS, type SchoolWords } from './schools';
import { SCHOOL_WORDS } from './workshop';

/** The question of a way, and what its answers are called. */
export const wayWords = (way: TriedWay): SchoolWords =>
  way === 'where' || way === 'wipeAfter' ? SCHOOL_WORDS[way] : LUBING_WORDS[way];

type Products = Garage['products'];

/** What the habits of a trial are called. */
export function armLabels(question: TrialQuestion, products: Products): Record<Arm, string> {
  const of = (arm: Arm): string => {
    const value = question[arm];
    if (question.kind === 'product') return products[value]?.name ?? 'A bottle no longer kept';
    return question.kind === 'way'
      ? (wayWords(question.way).answers[value]?.label ?? value)
      : value;
  };
  return { a: of('a'), b: of('b') };
}

/** What a trial asks. */
export function trialTitle(question: TrialQuestion, products: Products): string {
  if (question.kind === 'own') return question.ask;
  if (question.kind === 'way') return wayWords(question.way).question;
  const { a, b } = armLabels(question, products);
  return `${a} or ${b}?`;
}

/** A chance as one says it: "9 in 10", of very sure ones "99 in 100". */
export function inWords(chance: number): string {
  if (chance >= 0.995) return 'more than 99 in 100';
  if (chance >= 0.945) return `${Math.round(chance * 100)} in 100`;
  return `${Math.max(1, Math.round(chance * 10))} in 10`;
}

const percentOver = (ratio: number): number => Math.round((ratio - 1) * 100);
const quoted = (label: string): string => `“${label}”`;

/** The better habit by what is believed, and by how much it is ahead: middle and half of what is likely. */
function ahead({ ratio, chance }: Answer, labels: Record<Arm, string>, measure: Measure) {
  const isA = chance.a >= 0.5;
  const [better, worse] = isA ? [labels.a, labels.b] : [labels.b, labels.a];
  // Farther is better; less dirt is: both told as the better one's over the other's.
  const flips = isA !== (measure === 'squeak');
  const [mid, low, high] = flips
    ? [1 / ratio.mid, 1 / ratio.high, 1 / ratio.low]
    : [ratio.mid, ratio.low, ratio.high];
  const [from, to] = [percentOver(low), percentOver(high)];
  return { better, worse, by: percentOver(mid), from, to, sure: isA ? chance.a : 1 - chance.a };
}

/** What a habit does better, and by how much. */
function aheadSentence(answer: Answer, labels: Record<Arm, string>, measure: Measure): string {
  const { better, worse, by, from, to } = ahead(answer, labels, measure);
  const span = from < 0 ? `at most ${to} %` : `${from} to ${to} %`;
  return measure === 'squeak'
    ? `With ${quoted(better)} a coat goes about ${by} % farther than with ${quoted(worse)} (half the time ${span}).`
    : `With ${quoted(worse)} the chain gets dirty about ${by} % faster than with ${quoted(better)} (half the time ${span}).`;
}

/** What a trial says, in one sentence or two. */
export function answerSentence(report: TrialReport, labels: Record<Arm, string>): string {
  const { answer, trial, due } = report;
  const { chance, coats, settled } = answer;
  if (coats.a === 0 || coats.b === 0)
    return 'There is no answer yet. It takes a coat of each that has told something.';
  const { better, sure } = ahead(answer, labels, trial.measure);
  if (settled === 'a' || settled === 'b')
    return `${aheadSentence(answer, labels, trial.measure)} The chance that ${quoted(better)} is the better way is ${inWords(sure)}.`;
  if (settled === 'equal')
    return `Both ways come to the same. The chance that they differ by less than 10 % is ${inWords(chance.equal)}.`;
  if (settled === 'less')
    return `If the two differ at all, it is by less than ${Math.round(trial.careFor * 100)} %, the difference you care for. The chance of that is ${inWords(chance.less)}. Keep to the way you like.`;
  const sofar =
    sure < 0.75
      ? 'So far neither looks better.'
      : `So far ${quoted(better)} looks better, and the chance that it is stands at ${inWords(sure)}.`;
  if (trial.endedAt === null && due !== null) return `${sofar} That is not enough to go by.`;
  return `It is not settled. ${sofar.replace('So far', 'By these coats')}`;
}

/** The chances behind an answer: what each is of, its share, and the line that says it. They add up to one. */
export function chanceParts({ chance }: Answer, labels: Record<Arm, string>) {
  const { aClearly, bClearly, equal } = chance;
  const parts = [
    { name: `${quoted(labels.a)} is better by more than 10 %`, share: aClearly },
    { name: 'The two are equal within 10 %', share: equal },
    { name: `${quoted(labels.b)} is better by more than 10 %`, share: bClearly },
  ];
  return parts.map((part) => ({ ...part, line: `${part.name}: ${oneIn(part.share)}` }));
}
const oneIn = (chance: number): string => `${Math.round(chance * 100)} in 100`;

/** Whose turn the next coat is. */
export function dueSentence(
  { due, taken, trial }: TrialReport,
  labels: Record<Arm, string>,
): string {
  const whole = 2 * trial.coatsAnArm;
  const next = `Coat ${Math.min(whole, taken.a + taken.b + 1)} of at most ${whole}.`;
  return due === null
    ? `All ${whole} coats are on. It ends when the last has told what it can.`
    : `The next coat is due with ${quoted(labels[due])}. ${next}`;
}

/** Whose turn it is, beside a job of the plan; where coats are ridden until they squeak, that it can wait for that. */
export function turnLine({ trial }: Pick<TrialReport, 'trial'>, label: string): string {
  const turn = `For your trial, put it on the way “${label}”.`;
  return trial.measure === 'squeak'
    ? `${turn} Wait for the squeak if you can. If not, the coat counts as one that lasted at least so far.`
    : turn;
}

/** When the rag of the coat that is on is to be read; null: it is not measured by rag, or has been read. */
export function ragDueSentence({ coats, trial }: TrialReport, units: Units): string | null {
  const on = coats.find((c) => c.coat.end === 'on' && c.uncounted === null);
  if (trial.measure !== 'rag' || !on) return null;
  if (on.evidence) return trial.again ? 'The rag of this coat is read. Put the next one on.' : null;
  const left = trial.ragKm - on.coat.km;
  return left > 0
    ? `For your trial, read the rag in about ${formatDistance(left, units)}, before you wipe the chain. Tap “Rag check” on Today.`
    : 'For your trial, read the rag now, before you wipe the chain. Tap “Rag check” on Today.';
}

/** What a coat is measured by. */
export const MEASURE_LABEL: Record<Measure, string> = {
  squeak: 'How far a coat goes before it squeaks',
  rag: 'How dark the rag is after some way',
};

/** How a way of running a trial is called. */
export const designTitle = ({ measure, photo, again }: Design): string =>
  measure === 'squeak'
    ? 'Ride each coat until it squeaks'
    : `${photo ? 'Photograph' : 'Read'} a rag of each coat${again ? ', then lube again' : ''}`;

/** What a way of running it takes. */
export function designSentence(design: Design, units: Units, currency: string | null): string {
  const { coatsAnArm, weeks, rides, minutes, cost, measure, ragKm, kmACoat } = design;
  const how =
    measure === 'squeak'
      ? `about ${formatDistance(kmACoat, units)} a coat`
      : `a rag about ${formatDistance(ragKm, units)} after each coat`;
  const time = Number.isFinite(weeks)
    ? `Riding as you do now that is about ${spanWords(weeks)}, ${rides} rides.`
    : 'You have logged no riding to say how long that is.';
  const worth = cost >= 0.5 ? `, in all worth ${aboutMoney(cost, currency)}` : '';
  return `It takes at most ${coatsAnArm} coats of each, ${how}. ${time} On top of what you do anyway it costs ${Math.max(1, Math.round(minutes))} min${worth}.`;
}

const spanWords = (weeks: number): string =>
  weeks < 10
    ? `${Math.ceil(weeks)} weeks`
    : weeks < 100
      ? `${Math.round(weeks / 4.345)} months`
      : `${formatNumber(weeks / 52)} years`;

/** When a trial stops, and how often that is wrong, by simulation: see docs/audit.md. */
export const STOP_RULE =
  'It stops when one way is better with a chance of 97 in 100 or more, or when it hardly matters which. Of trials of two equal ways, fewer than one in ten ends for one of them.';

/** What a trial is not worth. */
export const NOT_FOR_A_TRIAL =
  'Do not put off a rescue after rain, a repair or the work before a race for a trial. A coat that ends early counts for as far as it went.';

/** Beside a question of one's own. */
export const WITHIN_LABELS =
  'Try only what the labels and the maker of your bike allow, and nothing that gets onto the brakes.';

/** Whether it is worth it, said plainly. */
export function worthSentence(
  { worth, saves, cost }: Design,
  careFor: number,
  currency: string | null,
): string {
  if (worth === 'too long')
    return 'It is not worth it. After a year seasons, chain and parts are no longer the same.';
  const gain = `If the two differ by ${Math.round(careFor * 100)} %, knowing which is better saves about ${aboutMoney(saves, currency)} in three years`;
  return worth === 'costs more'
    ? `It is not worth the money. ${gain}, and the trial costs ${aboutMoney(Math.max(1, cost), currency)}.`
    : `It is worth it. ${gain}.`;
}

export const UNCOUNTED_LABEL: Record<Uncounted, string> = {
  'not said': 'does not count, as nobody said which way it was',
  neither: 'does not count, as it was done neither way',
  thin: 'does not count, as it was less than a whole coat',
  rescue: 'does not count, as it went on wet, to save the chain',
  'other lube': 'does not count, as it is another lube',
  mixed: 'does not count, as much of the other lube was under it',
  early: 'does not count, as it was ridden before it had set',
  'too short': 'does not count, as it ended before it told anything',
  'no rag': 'does not count, as no rag was read near its distance',
};

export const END_LABEL: Record<CoatEnd, string> = {
  squeak: 'then it squeaked',
  'coated again': 'then lubed again',
  rescued: 'then lubed wet, to save the chain',
  'cleaned off': 'then cleaned off',
  washed: 'then washed',
  moved: 'then moved to another bike',
  on: 'on now',
};

/** The caution beside what a log shows without a trial. */
export const NOT_DRAWN =
  'Nobody drew lots for this. You may have used one of them in better weather, or on cleaner roads, than we can take out.';

/** What the log shows of two lubes on one bike. */
export function standingSentence(answer: Answer, labels: Record<Arm, string>): string {
  const { sure } = ahead(answer, labels, 'squeak');
  return sure < 0.75
    ? `${quoted(labels.a)} and ${quoted(labels.b)} last about as long, as far as your notes tell.`
    : `${aheadSentence(answer, labels, 'squeak')} The chance that it lasts longer at all is ${inWords(sure)}.`;
}

/** What setting the winner as one's way is called. */
export const adoptLabel = (question: TrialQuestion, label: string): string | null =>
  question.kind === 'own'
    ? null
    : question.kind === 'product'
      ? `Make ${label} the usual bottle`
      : `Make “${label}” my way`;
