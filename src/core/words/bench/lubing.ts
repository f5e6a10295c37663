import { isWax, type LubeClass } from '../../lube';
import type { BenchSchools } from '../../records/workshop';
import { formatHours } from '../../units';
import { WIPE_WHEN } from './lubes';
import type { Said } from './said';

const WHERE: Record<BenchSchools['where'], string> = {
  'lower run': 'on the inside of the lower run, just before the cassette',
  'top of the cog': 'on the top of the cog, the chain slightly crossed',
  'ring to derailleur': 'on the inside of the lower run, between ring and derailleur',
};

export const flush = (name: string, drops: number): Said => ({
  what: `Run ${name} along the chain for one round, ${Math.round(drops)} drops or a thin stream.`,
  why: 'Fresh lube loosens the old; what it carries is wiped off.',
});

/** The beginning of what a rag does; `alongTheRun` says the rest. */
export const WIPE_HARD: Said = {
  what: 'Wipe hard with a dry rag',
  why: 'Until hardly anything comes off: the dirt leaves with the lube.',
};

export const shake = (name: string, lubeClass: LubeClass): Said => ({
  what: `Shake ${name} for 20 seconds.`,
  why: isWax(lubeClass)
    ? 'If it runs off instead of standing as beads, it was not shaken enough.'
    : 'What lubes it sinks to the bottom.',
});

/** The label has the word on how warm it must be. */
const coldNote = (tooColdFor: string | null): string =>
  tooColdFor === null
    ? ''
    : `Its label: not below ${tooColdFor}. It is colder here: somewhere warm first. `;

export function drops(
  lube: { lubeClass: LubeClass; sides: 1 | 2; tooColdFor: string | null },
  where: BenchSchools['where'],
): Said {
  const rounds =
    lube.sides === 2
      ? 'twice round, once from each side'
      : 'once round, from the quick link to it again';
  const why = isWax(lube.lubeClass)
    ? 'It should stand as round beads.'
    : 'Inside the chain it creeps to where metal rubs; on the plates it only gathers dirt.';
  return {
    what: `One small drop on each roller, ${WHERE[where]}: ${rounds}.`,
    why: coldNote(lube.tooColdFor) + why,
  };
}

export const runIn = (driven: boolean): Said => ({
  what: driven
    ? 'Move the chain on by hand, a few rounds, and let go before it runs.'
    : 'Turn slowly backwards.',
  why: 'Slowly it creeps in; fast it flies about.',
});

export const SHIFT_THROUGH: Said = {
  what: 'Pedal forwards and shift through the gears once.',
  why: 'The cogs get a trace; they are never lubed directly.',
};

export const leaveIt = (setHours: number): Said => ({
  what: 'Leave it alone. Do not wipe it.',
  why: `It sets in ${formatHours(setHours)} where this bike stands; wiped, it would be gone.`,
});
export const SETS = 'Sets';

export const sinkIn = (lubeClass: LubeClass, overnight: boolean): Said => ({
  what: 'Let it sink in.',
  why: overnight
    ? 'Overnight: come back tomorrow, the bench remembers.'
    : `${WIPE_WHEN[lubeClass]}, by its class.`,
});
export const SINKS_IN = 'Sinks in';

/** The beginning of what a rag does; `alongTheRun` says the rest. */
export const wipeOff = (onlyWhatLooksWet: boolean): Said => ({
  what: onlyWhatLooksWet
    ? 'Dab off what looks wet with a dry rag'
    : 'Wipe the outside with a dry rag until hardly anything comes off',
  why: 'The outside needs only a film; more gathers dirt.',
});

export const PIVOTS: Said = {
  what: 'A drop on the derailleur’s pivots, wiped off. Jockey bearings: a dab of grease if they are open.',
  why: 'Once a month they ride along.',
};
