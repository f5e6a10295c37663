/** Does what may wait until the answer to a tap has been painted. */
export function afterPaint(next: () => void): void {
  requestAnimationFrame(() => setTimeout(next, 0));
}
