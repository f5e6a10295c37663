import { mergeFields, touch, type Stamped } from './fields';
import type { Settings } from '../records/settings';

/**
 * Settings as one flat record, `plan.hourPrice` to its value, so that they merge setting by setting like
 * any record. A group is taken apart; everything else, lists included, is one value.
 */
export type FlatSettings = Stamped & Record<string, unknown>;

const GROUPS: ReadonlySet<string> = new Set([
  'units',
  'bikeRules',
  'csvMappings',
  'choice',
  'choice.wishes',
  'schools',
  'workshop',
  'workshop.schools',
  'plan',
  'plan.otherDays',
  'plan.calendar',
  'money',
  'rounds',
]);

export function flattenSettings(settings: Settings): FlatSettings {
  const fields: [string, unknown][] = [];
  const add = (group: object, prefix: string) => {
    for (const [name, value] of Object.entries(group)) {
      const path = prefix + name;
      if (GROUPS.has(path) && isGroup(value)) add(value, `${path}.`);
      else fields.push([path, value]);
    }
  };
  add(settings, '');
  return Object.fromEntries(fields) as FlatSettings;
}

/** The nested settings of flat ones; what is missing stays missing, for the schema to say. */
export function nestSettings(flat: FlatSettings): unknown {
  const groups = new Map<string, [string, unknown][]>([['', []]]);
  for (const group of GROUPS) groups.set(group, []);
  for (const [path, value] of Object.entries(flat)) {
    const group = groupOf(path);
    groups.get(group)?.push([path.slice(group === '' ? 0 : group.length + 1), value]);
  }
  // Inner groups come after the group they lie in: from the last on, each is put into its own.
  for (const group of [...GROUPS].reverse()) {
    const outer = groupOf(group);
    const name = group.slice(outer === '' ? 0 : outer.length + 1);
    groups.get(outer)?.push([name, Object.fromEntries(groups.get(group) ?? [])]);
  }
  return Object.fromEntries(groups.get('') ?? []);
}

/** True of a path under which settings lie, not a value. */
export const isSettingsGroup = (path: string): boolean => GROUPS.has(path);

/** The innermost group a path lies in; the empty text: in none. */
function groupOf(path: string): string {
  let inner = '';
  for (const group of GROUPS)
    if (path.startsWith(`${group}.`) && group.length > inner.length) inner = group;
  return inner;
}

/** Of each setting the value written later. Returns `ours` itself where `theirs` adds nothing. */
export function mergeSettings(ours: Settings, theirs: Settings): Settings {
  if (ours === theirs) return ours;
  const flat = flattenSettings(ours);
  const merged = mergeFields(flat, flattenSettings(theirs));
  return merged === flat ? ours : (nestSettings(merged) as Settings);
}

/** Settings with those of `next` where they differ, stamped; the same settings where none does. */
export function touchSettings(settings: Settings, next: Settings, now: number): Settings {
  const flat = flattenSettings(settings);
  const touched = touch(flat, flattenSettings(next), now);
  return touched === flat ? settings : (nestSettings(touched) as Settings);
}

/** Settings not yet validated may hold anything where a group should be. */
const isGroup = (value: unknown): value is object =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
