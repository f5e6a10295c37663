import { useEffect, useRef } from 'react';

/** How long a page that is still loading may take to show its heading, ms. */
const HEADING_MS = 3000;
/** Places focus was in before, newest last. */
const KEPT = 12;

const headingOf = (main: Element): HTMLElement | null =>
  Array.from(main.querySelectorAll<HTMLElement>('h1, [role=heading][aria-level="1"]')).find(
    (heading) => heading.offsetParent !== null,
  ) ?? null;

function focusOn(element: HTMLElement): void {
  if (element.tabIndex < 0) element.tabIndex = -1;
  element.focus({ preventScroll: true });
}

/** After a change of place focus goes to its heading, unless the page puts it into a field itself. */
export function useFocusOnHeading(path: string): void {
  const first = useRef(true);
  useEffect(() => {
    if (first.current) {
      first.current = false;
      return;
    }
    const began = performance.now();
    let frame = 0;
    let focused: HTMLElement | null = null;
    const look = () => {
      const main = document.getElementById('main');
      const active = document.activeElement;
      if (main && active instanceof HTMLInputElement && main.contains(active)) return;
      const heading = main && headingOf(main);
      // The page that is left may stand a while longer: its heading goes, and the new one takes its place.
      if (heading && !focused?.isConnected) {
        focusOn(heading);
        focused = heading;
      }
      if (performance.now() - began < HEADING_MS) frame = requestAnimationFrame(look);
    };
    frame = requestAnimationFrame(look);
    return () => cancelAnimationFrame(frame);
  }, [path]);
}

/**
 * Focus stays where the work is: when what has it is taken away (the Undo of a line that went, a day picked from a
 * panel that closed), it goes to where it was before, or the nearest that is still there.
 */
export function useFocusKept(): void {
  useEffect(() => {
    let kept: HTMLElement[] = [];
    let around: HTMLElement[] = [];
    const onFocus = ({ target }: FocusEvent) => {
      if (!(target instanceof HTMLElement)) return;
      kept = [...kept.filter((e) => e !== target), target].slice(-KEPT);
      around = [];
      for (let e = target.parentElement; e && e.id !== 'main'; e = e.parentElement) around.push(e);
    };
    const isLost = () =>
      document.activeElement === null || document.activeElement === document.body;
    const observer = new MutationObserver(() => {
      const last = kept.at(-1);
      if (!last || last.isConnected || !isLost()) return;
      kept = kept.filter((e) => e.isConnected);
      const near = around.find((e) => e.isConnected && e.tagName !== 'BODY');
      const before = kept.findLast((e) => near === undefined || near.contains(e)) ?? kept.at(-1);
      if (before ?? near) focusOn((before ?? near) as HTMLElement);
    });
    document.addEventListener('focusin', onFocus);
    observer.observe(document.body, { childList: true, subtree: true });
    return () => {
      document.removeEventListener('focusin', onFocus);
      observer.disconnect();
    };
  }, []);
}
