/** What one can step to: links of the page, and rows that open nothing. What deletes is none: Enter must open, never undo work. */
const STOPS = '#main a[href], #main [data-row]';

/**
 * Moves focus to the next (1) or previous (-1) of the links and rows of a page; `anywhere`: also where none has it yet.
 * Returns whether it moved.
 */
export function stepInList(by: 1 | -1, anywhere: boolean): boolean {
  const stops = Array.from(document.querySelectorAll<HTMLElement>(STOPS)).filter(
    (stop) => stop.getClientRects().length > 0,
  );
  const at = stops.findIndex((stop) => stop === document.activeElement);
  if (at < 0 && !anywhere) return false;
  const next = at < 0 ? stops.at(by > 0 ? 0 : -1) : stops[at + by];
  next?.focus();
  next?.scrollIntoView({ block: 'nearest' });
  return next !== undefined;
}
