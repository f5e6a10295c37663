import equal from 'fast-deep-equal';

/** What every record carries. A field without a stamp of its own was written at `changedAt`. */
export interface Stamped {
  changedAt: string;
  stamps?: Readonly<Record<string, number>> | undefined;
}

/** Fields that mean something only together: a count and the moment of the count. */
const TOGETHER = [['left', 'leftAt']];

const OWN = new Set(['changedAt', 'stamps']);
/** Stamp of a field that was never there. */
const NEVER = -1;

/** Names of the fields of a record, its stamps left out. */
export const fieldsOf = (record: Stamped): string[] =>
  Object.keys(record).filter((field) => !OWN.has(field));

const valueOf = (record: Stamped, field: string): unknown =>
  Object.hasOwn(record, field) ? record[field as keyof Stamped] : undefined;

/** When a field was last written, ms. */
export function stampOf(record: Stamped, field: string): number {
  if (record.stamps && Object.hasOwn(record.stamps, field)) return record.stamps[field] ?? NEVER;
  return Object.hasOwn(record, field) ? Date.parse(record.changedAt) : NEVER;
}

/** Names of the fields in which two copies differ, those of one side only included. */
export const changedFields = (a: Stamped, b: Stamped): string[] =>
  [...new Set([...fieldsOf(a), ...fieldsOf(b)])].filter(
    (field) => !equal(valueOf(a, field), valueOf(b, field)),
  );

/** A record with the fields of `next` where they differ, stamped; the same record where none does. */
export function touch<T extends Stamped>(record: T, next: T, now: number): T {
  const changed = new Set(changedFields(record, next));
  if (changed.size === 0) return record;
  for (const group of TOGETHER)
    if (group.some((field) => changed.has(field))) group.forEach((field) => changed.add(field));
  const stamps = { ...record.stamps };
  for (const field of changed) stamps[field] = Math.max(now, stampOf(record, field) + 1);
  return { ...next, changedAt: record.changedAt, stamps };
}

/**
 * The record as it is now with the fields a form changed: what another tab wrote while the form was open
 * stays, unless the form changed the very same field.
 */
export const editOf = <T extends Stamped>(current: T, opened: T, edited: T): T => ({
  ...current,
  ...Object.fromEntries(
    changedFields(opened, edited)
      .filter((field) => Object.hasOwn(edited, field))
      .map((field) => [field, valueOf(edited, field)]),
  ),
});

/**
 * Two copies of a record made one: of each field the value written later, of two of one moment the
 * greater text. In any order, any number of times, the result is the same. Returns `ours` itself where
 * `theirs` adds nothing.
 */
export function mergeFields<T extends Stamped>(ours: T, theirs: T): T {
  if (ours === theirs) return ours;
  const names = new Set([
    ...fieldsOf(ours),
    ...fieldsOf(theirs),
    ...Object.keys(ours.stamps ?? {}),
    ...Object.keys(theirs.stamps ?? {}),
  ]);
  const gained = [...names].filter((field) => isLater(theirs, ours, field));
  if (gained.length === 0) return ours;
  const won = new Set(gained);
  const newest = theirs.changedAt > ours.changedAt ? theirs.changedAt : ours.changedAt;
  const base = Date.parse(newest);
  const values: [string, unknown][] = [];
  const stamps: Record<string, number> = {};
  for (const field of names) {
    const from = won.has(field) ? theirs : ours;
    const present = Object.hasOwn(from, field);
    if (present) values.push([field, valueOf(from, field)]);
    const stamp = stampOf(from, field);
    // A field that is gone keeps its stamp: it must not come back from an older copy.
    if (stamp !== base || !present) stamps[field] = stamp;
  }
  const own = { changedAt: newest, ...(Object.keys(stamps).length > 0 ? { stamps } : {}) };
  return { ...Object.fromEntries(values), ...own } as unknown as T;
}

function isLater(a: Stamped, b: Stamped, field: string): boolean {
  const [ours, theirs] = [stampOf(a, field), stampOf(b, field)];
  if (ours !== theirs) return ours > theirs;
  const text = (record: Stamped) => JSON.stringify(valueOf(record, field)) ?? '';
  return text(a) > text(b);
}

/** The record with stamps of the future brought down to `now`; the same record where none is. */
export function capStamps<T extends Stamped>(record: T, now: number): T {
  const late = Object.entries(record.stamps ?? {}).filter(([, stamp]) => stamp > now);
  const isLate = Date.parse(record.changedAt) > now;
  if (late.length === 0 && !isLate) return record;
  const stamps = { ...record.stamps, ...Object.fromEntries(late.map(([field]) => [field, now])) };
  return {
    ...record,
    changedAt: isLate ? new Date(now).toISOString() : record.changedAt,
    ...(record.stamps ? { stamps } : {}),
  };
}

/** Merges records by id. Returns `ours` itself where `theirs` adds nothing. */
export function mergeRecords<T extends Stamped>(
  ours: Readonly<Record<string, T>>,
  theirs: Readonly<Record<string, T>>,
): Readonly<Record<string, T>> {
  if (ours === theirs) return ours;
  const gained: [string, T][] = [];
  for (const [id, record] of Object.entries(theirs)) {
    const own = Object.hasOwn(ours, id) ? ours[id] : undefined;
    const merged = own ? mergeFields(own, record) : record;
    if (merged !== own) gained.push([id, merged]);
  }
  return gained.length === 0 ? ours : { ...ours, ...Object.fromEntries(gained) };
}
