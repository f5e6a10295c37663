import type { Depth } from '../logbook';
import { formatDistance, formatDistanceRange, formatElongation, type UnitSystem } from '../units';
import type { ChainState } from '../care/model/state';
import type { ClockName } from '../care/verdict/clocks';
import type { Verdict } from '../care/verdict/verdict';

/** What to do at each depth, as an order. */
const DO_IT: Record<Depth, string> = {
  'wipe-down': 'Wipe the chain down',
  'top-up': 'Wipe, lube, wipe',
  roadside: 'Put a little lube on',
  rescue: 'Dry it, lube it, wipe it',
  'on-bike clean': 'Clean it on the bike, then lube',
  'off-bike clean': 'Take it off, clean it in baths, then lube',
  soak: 'Soak it, then lube',
  'new-chain strip': 'Strip the new chain, then lube',
  'wax reset': 'Reset the wax',
};

const weekday = new Intl.DateTimeFormat(undefined, { weekday: 'long' });
const dayAndMonth = new Intl.DateTimeFormat(undefined, { day: 'numeric', month: 'long' });
const DAY_MS = 86_400_000;

/** "before Saturday", "this week", "before 12 May": as near as the forecast of riding deserves. */
function byWhen(dueAt: number, now: number): string {
  const days = (dueAt - now) / DAY_MS;
  if (days < 1) return ' before the next ride';
  if (days < 6) return ` before ${weekday.format(dueAt)}`;
  if (days < 60) return ` before ${dayAndMonth.format(dueAt)}`;
  return '';
}

const lower = (s: string): string => s.charAt(0).toLowerCase() + s.slice(1);

/** The verdict in one or two sentences: how far it is good, and what to do next. */
export function verdictSentence(
  verdict: Verdict,
  state: ChainState,
  units: UnitSystem,
  now: number,
): { headline: string; action: string } {
  const next = DO_IT[verdict.proposal.depth];
  switch (verdict.kind) {
    case 'good for': {
      const km = verdict.distanceKm?.mid ?? 0;
      const more = verdict.beyondHorizon
        ? `Good for more than ${formatDistance(km, units)}.`
        : `Good for ${formatDistance(km, units)} more.`;
      if (verdict.beyondHorizon) return { headline: more, action: 'Nothing to do for now.' };
      if (verdict.clock === 'wear')
        return { headline: more, action: 'Then it is worn out. Have a new chain ready.' };
      if (verdict.dueAt === null) return { headline: more, action: `Then ${lower(next)}.` };
      const when = byWhen(verdict.dueAt, now);
      return { headline: more, action: `${next}${when}.` };
    }
    case 're-lube':
      return { headline: 'The lube is used up.', action: `${next} before you ride.` };
    case 'touch up':
      return {
        headline: 'Standing has dried the lube out.',
        action: 'Put on a thin coat half an hour before you ride.',
      };
    case 'wipe':
      return { headline: 'The outside has got dirty.', action: `${next} before the next ride.` };
    case 'deep clean':
      return { headline: 'Grit has worked its way inside.', action: `${next}.` };
    case 'bare':
      return { headline: 'The chain is bare.', action: 'Lube it before you ride.' };
    case 'rescue':
      return { headline: 'The chain is wet.', action: `${next} today, before it rusts.` };
    case 'inspect':
      return state.stiff
        ? {
            headline: 'Links are stiff with rust.',
            action: `${next}. What stays stiff is replaced.`,
          }
        : {
            headline: 'The chain has rusted.',
            action: `${next}. Look for stiff links and pits, and say what you found.`,
          };
    case 'replace':
      if (state.pitted)
        return {
          headline: 'Rust has pitted the chain.',
          action: 'Replace it: pits cut into the rollers and the cassette.',
        };
      return {
        headline: `The chain is worn out: ${formatElongation(state.wear)}.`,
        action: 'Replace it before it takes the cassette with it.',
      };
  }
}

/** The verdict in two or three words, for a list of bikes. */
export function shortVerdict(verdict: Verdict, units: UnitSystem): string {
  if (verdict.distanceKm) return `${formatDistance(verdict.distanceKm.mid, units)} left`;
  return SHORT[verdict.kind];
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

/** The spread in words: "Half the time 55 to 75 km, riding as you do now." Null when a clock has fired. */
export function spreadSentence(
  verdict: Verdict,
  units: UnitSystem,
  ridesKnown: number,
): string | null {
  if (!verdict.distanceKm || verdict.beyondHorizon) return null;
  const basis =
    ridesKnown >= 2 ? 'riding as you do now' : 'on dry roads; log rides to sharpen this';
  return `Half the time ${formatDistanceRange(verdict.distanceKm, units)}, ${basis}.`;
}

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

/** The chalk mark of the verdict, where no plan has put its own. */
export const chalkOf = (verdict: Verdict): { km: number; label: string }[] =>
  verdict.distanceKm
    ? [
        {
          km: verdict.distanceKm.mid,
          label: verdict.clock === 'wear' ? 'worn out' : verdict.proposal.depth,
        },
      ]
    : [];

const CLOCK_LABEL: Record<ClockName, string> = {
  wear: 'worn out',
  rust: 'rusted',
  bare: 'bare',
  wet: 'wet',
  film: 'lube used up',
  standing: 'lube dried out',
  inside: 'grit inside',
  outside: 'dirty outside',
};

/** "Also: grit inside, dirty outside." */
export const alsoLine = (also: readonly ClockName[]): string | null =>
  also.length ? `Also: ${also.map((c) => CLOCK_LABEL[c]).join(', ')}.` : null;
