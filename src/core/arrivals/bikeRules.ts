import type { Bike } from '../records/garage';
import type { RideFromFile } from '../formats/rideFromFile';
import type { ReadFile } from '../formats/rideFile';
import { ownPath } from '../formats/within';
import type { WorkFromFile } from '../formats/table/work';

/** The bike the rider named for each clue (see `clueOf`). */
export type BikeRules = Readonly<Record<string, string>>;

/** Rides, and jobs, of a batch that show the same clue, and so were likely ridden, or done, on the same bike. */
export interface ClueGroup {
  clue: string;
  /** The clue in words, for the question "which bike?". */
  words: string;
  rides: number;
  work: number;
}

/** Returns the letters a file's name begins with: `commute` of `commute-2026-05-01.gpx`. */
const stemOf = (file: string): string =>
  (/^[\p{L}][\p{L} _-]*/u.exec(ownPath(file.slice(file.lastIndexOf('/') + 1)))?.[0] ?? '')
    .replace(/[ _-]+$/, '')
    .toLowerCase();

/**
 * Returns what tells the bike of a ride: the rider's own name for it, else recorder and sport, else the file's
 * name.
 */
export function clueOf(ride: RideFromFile, file: string): string {
  const { gear, device, sport } = ride.clues;
  if (gear) return `gear ${gear.toLowerCase()}`;
  if (device || sport) return `recorder ${device.toLowerCase()} ${sport.toLowerCase()}`.trim();
  return `name ${stemOf(file)}`.trim();
}

/** What tells the bike of past work: the rider's own name for it, else the file's. */
export const clueOfWork = ({ gear }: WorkFromFile, file: string): string =>
  gear ? `gear ${gear.toLowerCase()}` : `name ${stemOf(file)}`.trim();

/** A clue in words that end a sentence: rides … on “racer”. */
export function clueWords(clue: string): string {
  const [, kind, what = ''] = /^(gear|recorder|name)\b *(.*)$/.exec(clue) ?? [];
  if (kind === 'gear') return `on “${what}”`;
  if (kind === 'recorder') return `recorded as “${what}”`;
  return what ? `in files named “${what}”` : 'in files that do not tell';
}

/** The clue of files that tell nothing of the bike. */
const NO_CLUE = 'name';

/**
 * The clues of a batch, the commonest first. A name that only one file bears, and no rule knows, says
 * nothing: such rides are asked about together.
 */
export function clueGroups(files: readonly ReadFile[], rules: BikeRules): ClueGroup[] {
  const groups = new Map<string, ClueGroup>();
  const count = (clue: string, what: 'rides' | 'work') => {
    const group = groups.get(clue) ?? { clue, words: clueWords(clue), rides: 0, work: 0 };
    group[what] += 1;
    groups.set(clue, group);
  };
  for (const { name, rides, work = [] } of files) {
    for (const one of work) count(clueOfWork(one, name), 'work');
    if (!rides.ok) continue;
    for (const ride of rides.value) if (ride.ok) count(clueOf(ride.value, name), 'rides');
  }
  const strays = [...groups.values()].filter(
    (group) => group.clue.startsWith(`${NO_CLUE} `) && all(group) === 1 && !(group.clue in rules),
  );
  for (const { clue } of strays) groups.delete(clue);
  const rest = [...strays, ...[groups.get(NO_CLUE)].filter((g) => g !== undefined)];
  if (rest.length > 0)
    groups.set(NO_CLUE, {
      clue: NO_CLUE,
      words: clueWords(NO_CLUE),
      rides: rest.reduce((sum, g) => sum + g.rides, 0),
      work: rest.reduce((sum, g) => sum + g.work, 0),
    });
  return [...groups.values()].sort((a, b) => all(b) - all(a));
}

const all = ({ rides, work }: ClueGroup): number => rides + work;

/** The group of a clue in its batch. */
export const groupOf = <G extends ClueGroup>(groups: readonly G[], clue: string): G | undefined =>
  groups.find((g) => g.clue === clue) ?? groups.find((g) => g.clue === NO_CLUE);

/** The bike of a clue: as the rider said last time, or the bike that bears the gear's name. */
export function bikeOfClue(clue: string, rules: BikeRules, bikes: readonly Bike[]): string | null {
  const ruled = rules[clue];
  if (ruled !== undefined && bikes.some((b) => b.id === ruled)) return ruled;
  return bikes.find((b) => clue === `gear ${b.name.toLowerCase()}`)?.id ?? null;
}
