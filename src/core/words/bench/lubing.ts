import { isWax, type LubeClass } from '../../lube/classes';
import type { BenchSchools } from '../../records/workshop';
import { formatHours } from '../../units/format';
import { dropRun, stretchNote, type Lies, type Moving, type Said } from './said';
import type { RagSaid } from './wiping';

type Where = BenchSchools['where'] | 'before the cog';

/** Where the drops go, on a bike that lies so: always from above, onto the inside of a run. */
const whereSaid = (where: Where, lies: Lies): string =>
  ({
    'lower run': `on the inside of ${dropRun(lies)}, just before the cassette`,
    'before the cog': `on the inside of ${dropRun(lies)}, just before the cog`,
    'top of the cog': 'on the top of the cog, the chain slightly crossed',
    'ring to derailleur': 'on the inside of the lower run, between ring and derailleur',
    'both runs': 'on the upper run turning forwards, then on the lower run turning backwards',
  })[where];

/** One drenching that washes the old lube out and stays as the coat. */
export const flush = (name: string, moving: Moving, lies: Lies): Said => ({
  what:
    moving === 'cranks'
      ? `Run a thin stream of ${name} along the inside of ${dropRun(lies)}, twice round, turning the cranks slowly backwards.`
      : `Run a thin stream of ${name} along the inside of ${dropRun(lies)}, twice round.${stretchNote(moving)}`,
  why: 'Fresh lube loosens the old. What it carries is wiped off at the end.',
});

/** The beginning of what a rag does; `alongTheRun` says the rest. */
export const WIPE_HARD: RagSaid = {
  what: 'Wipe hard with dry rags',
  until: 'hardly anything comes off',
  why: 'The dirt leaves with the lube. What stays inside is your coat.',
};

export const shake = (name: string, lubeClass: LubeClass, rested: boolean): Said => ({
  what: `Shake ${name} for ${rested ? 30 : 20} seconds.`,
  why: isWax(lubeClass)
    ? 'If it runs off instead of standing as beads, shake it more.'
    : `What lubes sinks to the bottom${rested ? ' when it stands for a month' : ''}.`,
});

/** The label has the word on how warm it must be. */
const coldNote = (tooColdFor: string | null): string =>
  tooColdFor === null
    ? ''
    : `Its label says not below ${tooColdFor}, and it is colder here. Go somewhere warm first. `;

export interface DropsSaid {
  lubeClass: LubeClass;
  sides: 1 | 2;
  tooColdFor: string | null;
  /** A steady stream, by the rider's way, in place of drops. */
  stream: boolean;
  where: Where;
  lies: Lies;
  moving: Moving;
  closure: 'link' | 'pin';
  /** The chain is towelled and still wet inside. */
  damp: boolean;
}

export function drops(d: DropsSaid): Said {
  const mark = d.closure === 'link' ? 'from the quick link to it again' : 'from a mark to it again';
  const rounds = d.sides === 2 ? 'twice round, once from each side' : `once round, ${mark}`;
  const what = d.stream
    ? `Run a thin, steady stream ${whereSaid(d.where, d.lies)}, ${d.sides === 2 ? 'two laps from each side' : 'two laps'}.`
    : `Put one small drop on each roller, ${whereSaid(d.where, d.lies)}, ${rounds}.`;
  const why = isWax(d.lubeClass)
    ? 'It should stand as round beads.'
    : d.damp
      ? 'It drives some of the water out as it goes in. Lube again when the chain is dry.'
      : 'It creeps to where metal rubs. On the plates it only gathers dirt.';
  return {
    what: what + stretchNote(d.moving),
    why: coldNote(d.tooColdFor) + why,
  };
}

export const thinCoat = (moving: Moving): Said => ({
  what: `Put a small drop on every second roller, on the inside of the lower run, once round.${stretchNote(moving)}`,
  why: 'A thin coat is all there is time for. It tides the chain over.',
});

export const underCoat = (name: string, moving: Moving): Said => ({
  what: `Put one small drop of ${name} on each roller, once round.${stretchNote(moving)}`,
  why: 'This is the first coat. It creeps in, and the dry lube goes over it.',
});
export const UNDER_SINKS = 'First coat sinks in';
/** The beginning of what a rag does; `alongTheRun` says the rest. */
export const UNDER_WIPE: Said = {
  what: 'Wipe the outside dry with a clean rag',
  why: 'The second coat needs bare plates to dry on.',
};

export const runIn = (moving: Moving): Said => ({
  what: {
    cranks: 'Turn the cranks slowly backwards.',
    'by hand': 'Move the chain on by hand, a few rounds, and let go before it runs.',
    rolling: 'Roll the bike slowly forwards, a few metres.',
  }[moving],
  why: 'Slow lets it soak in; fast flings it off.',
});

export const shiftThrough = (rings: number): Said => ({
  what: `Pedal forwards and shift once through all cogs${rings > 1 ? ` and ${rings === 2 ? 'both' : 'all'} rings` : ''}.`,
  why: 'That spreads enough. Don’t oil the cogs.',
});

export const leaveIt = (setHours: number): Said => ({
  what: 'Leave it alone. Do not wipe it.',
  why: `It sets in ${formatHours(setHours)} where this bike stands. Wiped, it would be gone.`,
});
/** Oil that stays unwiped, by the rider's way. */
export const leaveUnwiped = (setHours: number): Said => ({
  what: 'Leave it alone. Do not wipe it.',
  why: `That is your way here. It sets in ${formatHours(setHours)}. If drops hang from the chain, dab them off before they fall on the wheel.`,
});
export const SETS = 'Sets';

/** What to do meanwhile, so that nobody stands and waits. */
const MEANWHILE = 'Meanwhile check the tyres, wipe the frame, or read the chain’s wear.';

export const sinkIn = (minutes: number, overnight: boolean): Said => ({
  what: 'Let it sink in.',
  why: overnight
    ? 'Come back tomorrow: the bench remembers.'
    : `This lube needs about ${minutes} min to soak in. ${MEANWHILE}`,
});
export const SINKS_IN = 'Sinks in';

/** The beginning of what a rag does; `alongTheRun` says the rest. */
export const wipeOff = (onlyWhatLooksWet: boolean): RagSaid => ({
  ...(onlyWhatLooksWet
    ? { what: 'Dab off what looks wet with a dry rag' }
    : { what: 'Wipe the outside with a dry rag', until: 'hardly anything comes off' }),
  why: 'The outside needs only a film; more gathers dirt.',
});

export const PIVOTS: Said = {
  what: 'Put a drop on each pivot of the derailleur, and wipe it off.',
  why: 'Once a month is enough. Open jockey bearings take a dab of grease instead.',
};
