/** What is typed in a form and not saved yet lies in the tab, so that back, forward and a reload lose none of it. */
const keyOf = (name: string): string => `dapper-spoke/typed ${name}`;

/** The fields of a form that were changed and not saved; empty where none were. */
export function readKept<Draft extends object>(name: string): Partial<Draft> {
  try {
    const found: unknown = JSON.parse(sessionStorage.getItem(keyOf(name)) ?? '{}');
    return typeof found === 'object' && found !== null ? (found as Partial<Draft>) : {};
  } catch {
    return {};
  }
}

/** Keeps the fields that differ from those the form was opened with; where none do, nothing. */
export function writeKept(name: string, draft: object, opened: object): void {
  const before = opened as Record<string, unknown>;
  const changed = Object.entries(draft).filter(
    ([field, value]) => JSON.stringify(value) !== JSON.stringify(before[field]),
  );
  try {
    if (changed.length === 0) sessionStorage.removeItem(keyOf(name));
    else sessionStorage.setItem(keyOf(name), JSON.stringify(Object.fromEntries(changed)));
  } catch {
    // A browser that keeps nothing costs a reload what was typed; the form itself works on.
  }
}
