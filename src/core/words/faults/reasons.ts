import type { Change } from '../../faults/change';
import type { Reason } from '../../faults/known';
import type { Speaks, Weight } from '../../faults/why';
import { dateFormat } from '../../intl/dates';
import { formatDistance } from '../../units/format';
import type { Units } from '../../units/convert';
import { signText } from './handbook';
import { QUESTION_WORDS } from './questions';
import { STEP_WORDS } from './steps';

type Teller<C extends Reason['code']> = (
  reason: Extract<Reason, { code: C }>,
  units: Units,
) => string;

const REASON_WORDS: { readonly [C in Reason['code']]: Teller<C> } = {
  film: ({ percent }) =>
    percent > 50
      ? `the log has ${percent} % of the coat left`
      : `the log has only ${percent} % of the coat left`,
  grit: ({ over }) => (over ? 'the log has it dirty' : 'the log has it clean'),
  'cogs dirty': () => 'the cogs have not been cleaned for long',
  rust: () => 'it has stood wet long enough to rust',
  worn: ({ over }) => (over ? 'it is past its wear limit' : 'it is little worn'),
  opened: ({ km }, units) => `the chain was opened ${formatDistance(km, units)} ago`,
  'long closed': ({ km }, units) => `nobody opened the chain for ${formatDistance(km, units)}`,
  'new chain, old cogs': ({ km }, units) =>
    `a new chain runs on a cassette of ${formatDistance(km, units)}`,
  'new chain': ({ km }, units) => `the chain has done ${formatDistance(km, units)}`,
  lubed: ({ km }, units) => `it was lubed ${formatDistance(km, units)} ago`,
  'rode unset': () => 'it was ridden before its lube had set',
  'rain, no rescue': ({ km }, units) =>
    `${formatDistance(km, units)} since it got wet, and nothing done since`,
  'degreased jockey wheels': ({ times }) =>
    `the jockey wheels have been degreased ${times} times, which takes their grease too`,
  'found before': ({ times }) =>
    times === 1 ? 'it was found here once before' : `it was found here ${times} times before`,
  noted: ({ what, at }) => `${what} noted on ${day.format(Date.parse(at))}`,
};

const day = dateFormat({ day: 'numeric', month: 'long' });

/** What the log says, without a full stop. */
export function reasonText(reason: Reason, units: Units): string {
  const tell = REASON_WORDS[reason.code] as (r: Reason, units: Units) => string;
  return tell(reason, units);
}

function speaksText(speaks: Speaks, units: Units): string {
  switch (speaks.kind) {
    case 'answer': {
      const { answers } = QUESTION_WORDS[speaks.question];
      const said = (answers as Readonly<Record<string, string>>)[speaks.answer] ?? speaks.answer;
      return `“${said.split(':')[0]}”`;
    }
    case 'count':
      return `${speaks.count.events} in ${speaks.count.turns} turns`;
    case 'step':
      return `${STEP_WORDS[speaks.step].title.toLowerCase()}, done`;
    case 'log':
      return reasonText(speaks.reason, units);
  }
}

/** How strongly, in a word or two. */
function strengthText(times: number): string {
  const strong = times >= 1 ? times : 1 / times;
  const how = strong >= 8 ? 'strongly ' : strong >= 2.5 ? '' : 'a little ';
  return times >= 1 ? `speaks ${how}for it` : `speaks ${how}against it`;
}

/** What speaks for or against a cause, in a sentence. */
export function weightText({ speaks, times }: Weight, units: Units): string {
  const text = speaksText(speaks, units);
  return `${text.charAt(0).toUpperCase()}${text.slice(1)}: ${strengthText(times).replace('speaks ', '')}.`;
}

/** What would change odds, and to what. */
export function changeText(change: Change): string {
  const percent = `${Math.round(100 * change.odds)}\u00a0%`;
  if (change.kind === 'nothing seen')
    return `Nothing seen at “${STEP_WORDS[change.step].title}” would make it ${percent}.`;
  const sign = signText(change);
  return `“${sign.charAt(0).toUpperCase()}${sign.slice(1)}” would make it ${percent}.`;
}

/** Odds as people say them. */
export function oddsText(p: number): string {
  if (p >= 0.9) return 'nearly sure';
  if (p >= 0.6) return 'likely';
  if (p >= 0.3) return 'well possible';
  return p >= 0.1 ? 'possible' : 'hardly';
}
