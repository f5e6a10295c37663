/** Does what may wait until the answer to a tap has been painted. A page that goes away paints no more: there it is done at once. */
export function afterPaint(next: () => void): void {
  const waiting = new AbortController();
  const now = () => {
    if (waiting.signal.aborted) return;
    waiting.abort();
    next();
  };
  // Before the logbook, which listens for the same, writes what it has.
  const first = { capture: true, signal: waiting.signal };
  document.addEventListener('visibilitychange', now, first);
  window.addEventListener('pagehide', now, first);
  requestAnimationFrame(() => setTimeout(now, 0));
}
