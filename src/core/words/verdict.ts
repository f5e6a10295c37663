import type { ChainStart } from '../records/event';
import type { Depth } from '../records/kinds';
import type { LubeClass } from '../lube/classes';
import { orderFor } from './orders';
import { timeOfDay, type Clock } from '../intl/dates';
import { dueWord, type DateText } from '../time/dates';
import { formatDistance, formatDistanceRange, formatElongation } from '../units/format';
import type { Units } from '../units/convert';
import type { ChainState } from '../care/model/state';
import type { ClockName } from '../care/verdict/clocks';
import type { Outlook } from '../care/verdict/outlook';
import type { ChainReport } from '../care/verdict/report';
import type { Verdict } from '../care/verdict/verdict';
import { notToRideSentence } from './notToRide';

/** What to do at each depth, as an order. */
const DO_IT: Record<Depth, string> = {
  'wipe-down': 'Wipe the chain down',
  'thin coat': 'Put a thin coat on',
  'top-up': 'Wipe, lube, wipe',
  roadside: 'Put a little lube on',
  rescue: 'Dry it, lube it, wipe it',
  'on-bike clean': 'Clean it on the bike, then lube',
  'off-bike clean': 'Take it off, clean it in baths, then lube',
  soak: 'Soak it, then lube',
  'new-chain strip': 'Strip the new chain, then lube',
  'wax reset': 'Reset the wax',
  swap: 'Swap the chains',
  'new chain': 'Fit a new chain',
};

const lower = (s: string): string => s.charAt(0).toLowerCase() + s.slice(1);

/** Days on which the clocks of a verdict will likely fire; null where nobody knows. */
export interface LikelyDays {
  lube: DateText | null;
  dirt: DateText | null;
  today: DateText;
}

/** The verdict as a rider reads it. */
export interface VerdictWords {
  /** How far the lube lasts, and how far until it wants wiping or cleaning. */
  lube: string;
  dirt: string;
  /** Wear, rust or water, where they matter; null: they do not. */
  matters: string | null;
  /** A check of the bench is open that no one should ride with; null: none. */
  notToRide: string | null;
}

const aboutKm = (outlook: Outlook, units: Units): string =>
  outlook.beyondHorizon
    ? `more than ${formatDistance(outlook.km?.mid ?? 0, units)}`
    : `about ${formatDistance(outlook.km?.mid ?? 0, units)}`;

/** How far the lube lasts: "Lube for about 330 km, till mid December." */
function lubeSentence({ lube }: Verdict, state: ChainState, units: Units, days: LikelyDays) {
  const order = orderFor(lube.clock, state.lube);
  const thing = order.toLowerCase();
  if (!lube.km) {
    if (lube.clock === 'bare') return 'The chain is bare. Lube it before you ride.';
    const gone = lube.clock === 'standing' ? 'has dried out while parked' : 'is used up';
    return `The ${thing} ${gone}. ${order} it before you ride.`;
  }
  const till =
    lube.beyondHorizon || days.lube === null ? '' : `, till ${dueWord(days.lube, days.today)}`;
  return `${order} for ${aboutKm(lube, units)}${till}.`;
}

/** How far until it wants wiping or cleaning: "Wipe in about 22 km, by Wednesday." */
function dirtSentence({ dirt }: Verdict, units: Units, days: LikelyDays): string {
  const inside = dirt.clock === 'inside';
  if (!dirt.km)
    return inside
      ? 'Grit has worked its way inside. Clean the chain.'
      : 'The chain is dirty outside. Wipe it before you ride.';
  if (dirt.beyondHorizon) return `No wiping or cleaning for ${aboutKm(dirt, units)}.`;
  const by = days.dirt === null ? '' : `, by ${dueWord(days.dirt, days.today)}`;
  return `${orderFor(dirt.clock, null)} in ${aboutKm(dirt, units)}${by}.`;
}

/** What presses beside lube and dirt: a chain that is worn out, rusted or wet, and what to do. */
function mattersSentence(verdict: Verdict, state: ChainState, units: Units): string | null {
  switch (verdict.kind) {
    case 'replace':
      return state.pitted
        ? 'Rust has pitted the chain. Replace it: pits cut into the rollers and the cassette.'
        : `The chain is worn out (${formatElongation(state.wear)}). Replace it before it takes the cassette with it.`;
    case 'inspect':
      return state.stiff
        ? 'Links are stiff with rust. Replace what stays stiff after a clean.'
        : 'The chain has rusted. Look for stiff links and pits.';
    case 'rescue':
      return `The chain is wet. ${DO_IT[verdict.proposal.depth]} today, before it rusts.`;
    case 'good for':
      return verdict.clock === 'wear'
        ? `Worn out in about ${formatDistance(verdict.distanceKm?.mid ?? 0, units)}. Have a new chain ready.`
        : null;
    default:
      return null;
  }
}

const LOOK: Record<ChainStart['look'], string> = { clean: 'clean', used: 'grey', dirty: 'black' };

/** Which answer of the first day each line rests on: "Because it looks grey." Null where the chain has a past by now. */
export function toldSentence(told: ChainStart | null, units: Units): string | null {
  if (told === null) return null;
  const since =
    told.lube === null
      ? 'you say it is bare'
      : told.kmSinceLube > 0
        ? `you rode ${formatDistance(told.kmSinceLube, units)} since it was lubed`
        : 'you say it was just lubed';
  return `Because ${since}, and because it looks ${LOOK[told.look]}.`;
}

/** The verdict in two sentences, lube and dirt, and a third where wear, rust or water matter. */
export const verdictWords = (
  { verdict, state, faults }: Pick<ChainReport, 'verdict' | 'state' | 'faults'>,
  units: Units,
  days: LikelyDays,
): VerdictWords => ({
  lube: lubeSentence(verdict, state, units, days),
  dirt: dirtSentence(verdict, units, days),
  notToRide: notToRideSentence(state.leftOpen, faults),
  matters: mattersSentence(verdict, state, units),
});

/** What the verdict alone would do next, as long as no plan says when. */
export const proposalSentence = ({ kind, proposal }: Verdict): string =>
  kind === 'good for'
    ? `Nothing to do now. Next job: ${lower(DO_IT[proposal.depth])}.`
    : `Next job: ${lower(DO_IT[proposal.depth])}.`;

/** What comes before anything planned, on a rusted or worn chain; null: the plan holds. */
export function firstSentence({ kind, proposal }: Verdict): string | null {
  if (kind === 'replace') return 'Fit a new chain first.';
  return kind === 'inspect'
    ? `First ${lower(DO_IT[proposal.depth])}. Then say what you found.`
    : null;
}

/** The nearer of the two with its word, for a list of bikes: "wipe in 22 km", "used up". */
export function shortVerdict(verdict: Verdict, state: ChainState, units: Units): string {
  const { lube, dirt, kind } = verdict;
  if (kind !== 'good for') return SHORT[kind];
  if (verdict.clock === 'wear')
    return `worn out in ${formatDistance(verdict.distanceKm?.mid ?? 0, units)}`;
  if (verdict.beyondHorizon) return 'nothing due';
  const lubeKm = lube.km?.mid ?? 0;
  const dirtKm = dirt.km?.mid ?? 0;
  if (lubeKm <= dirtKm)
    return `${orderFor(lube.clock, state.lube).toLowerCase()} in ${formatDistance(lubeKm, units)}`;
  return `${orderFor(dirt.clock, state.lube).toLowerCase()} in ${formatDistance(dirtKm, units)}`;
}

const SHORT: Record<Verdict['kind'], string> = {
  replace: 'worn out',
  inspect: 'rusted',
  bare: 'bare',
  rescue: 'wet',
  're-lube': 'lube used up',
  'touch up': 'dried out',
  'deep clean': 'gritty inside',
  wipe: 'dirty outside',
  'good for': 'good',
};

/** The spread of one answer in words: "Lube: half the time 280 to 390 km." Null where there is none. */
export const spreadSentence = (
  { km, beyondHorizon, clock }: Outlook,
  lube: LubeClass | null,
  units: Units,
): string | null =>
  km === null || beyondHorizon
    ? null
    : `${orderFor(clock, lube)}: half the time ${formatDistanceRange(km, units)}.`;

/** What the distances rest on. */
export const basisSentence = (ridesKnown: number): string =>
  ridesKnown >= 2
    ? 'Riding as you do now.'
    : 'On dry roads, as we know no rides yet. Log rides to sharpen this.';

/** A word beside on a wet chain that does not press; null where it is dry, or where the verdict says it already. */
export const wetSentence = (verdict: Verdict, { wetLeftH }: ChainState): string | null =>
  wetLeftH >= 1 && verdict.kind !== 'rescue' && !verdict.also.includes('wet')
    ? 'The chain is wet: wipe it dry when you put the bike away.'
    : null;

/** What a noise means beside the verdict; null when nothing was heard since the last work. */
export function heardSentence(verdict: Verdict): string | null {
  if (!verdict.heard) return null;
  if (verdict.heard.odd && verdict.heard.sound === 'still quiet')
    return 'Quiet after several times the life of a coat. Did you lube it and not log it?';
  if (verdict.heard.odd)
    return 'You heard a squeak, but the coat is fresh. Look at jockey wheels, pedals and saddle before you lube again.';
  switch (verdict.heard.sound) {
    case 'squeak':
      return 'You heard a squeak. We count the chain as dry.';
    case 'still quiet':
      return 'You heard that it is still quiet. We learn from that how long this lube lasts.';
    case 'grinding':
      return 'You heard grinding: dirt in chain, jockey wheels or cassette. Do a rag check.';
    case 'click':
      return 'You heard a click: if it returns each chain lap, look for a stiff link.';
    default:
      return 'You heard a rattle: dry and worn chains rattle. Measure the wear.';
  }
}

/** How long a fresh coat is to be left alone; null where none sets. */
export const settingSentence = ({ setsUntil }: Verdict, clock: Clock): string | null =>
  setsUntil === null ? null : leaveItSentence(timeOfDay(setsUntil, clock));

/** "Let it set until Sun 18:30. Ride sooner and up to half flies off." */
export const leaveItSentence = (till: string): string =>
  `Let it set until ${till}. Ride sooner and up to half flies off.`;

const ALSO: Partial<Record<ClockName, string>> = { rust: 'rusted', wet: 'wet' };

/** What matters beside what is said already: "It is rusted and wet, too." Null: nothing. */
export function alsoSentence({ also }: Verdict): string | null {
  const words = also.flatMap((name) => ALSO[name] ?? []);
  return words.length > 0 ? `It is ${words.join(' and ')}, too.` : null;
}
