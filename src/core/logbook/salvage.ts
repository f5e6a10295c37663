import { endOfValue } from './balanced';
import { RECORD_KINDS, type RecordKind } from '../records/kinds';

/** What could be taken out of a text that is no longer JSON as a whole. */
export interface Salvaged {
  events: unknown[];
  /** Shaped like a garage, records under their kind and id. */
  garage: Record<string, Record<string, unknown>>;
  settings: unknown;
}

/** Characters looked at, all starts counted: what is nested without end is given up. */
const MOST_STEPS = 30_000_000;

/**
 * Takes whole objects out of a damaged text of a logbook: one cut off, or with a stretch overwritten.
 * Finds the outermost objects that still parse and carry an id.
 */
export function salvage(text: string): Salvaged {
  const found: Salvaged = { events: [], garage: {}, settings: undefined };
  const settingsAt = text.search(/"settings"\s*:\s*\{/);
  if (settingsAt >= 0) found.settings = objectFrom(text, text.indexOf('{', settingsAt))?.value;
  let steps = 0;
  for (let at = text.indexOf('{'); at >= 0 && steps < MOST_STEPS;) {
    const object = objectFrom(text, at, MOST_STEPS - steps);
    steps += object ? object.end - at : text.length - at;
    const value = object?.value;
    if (object && value && typeof value.id === 'string') {
      const kind = typeof value.type === 'string' ? null : kindBefore(text, at);
      if (kind) (found.garage[kind] ??= {})[value.id] = value;
      else found.events.push(value);
      at = text.indexOf('{', object.end);
    } else at = text.indexOf('{', at + 1);
  }
  return found;
}

/** The kind of record whose list was opened last before a place in the text. */
function kindBefore(text: string, at: number): RecordKind | null {
  let kind: RecordKind | null = null;
  let last = -1;
  for (const name of RECORD_KINDS) {
    const opened = text.lastIndexOf(`"${name}"`, at);
    if (opened > last) [kind, last] = [name, opened];
  }
  return kind;
}

/** The object that begins at a brace, and where it ends; null where it does not close or parse. */
function objectFrom(
  text: string,
  start: number,
  most = MOST_STEPS,
): { value: Record<string, unknown>; end: number } | null {
  const end = endOfValue(text, start, most);
  if (end < 0) return null;
  try {
    return { value: JSON.parse(text.slice(start, end)), end };
  } catch {
    return null;
  }
}
