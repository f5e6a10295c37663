import { useEffect, useRef } from 'react';

/** How long a page that is still loading may take to show its heading, ms. */
const HEADING_MS = 3000;
/** Places focus was in before, newest last. */
const KEPT = 12;

/** The headings of a page: of a place, then of what was opened beside it. */
const headingsOf = (main: Element): HTMLElement[] =>
  Array.from(main.querySelectorAll<HTMLElement>('h1, [role=heading][aria-level="1"]')).filter(
    (heading) => heading.offsetParent !== null,
  );

function focusOn(element: HTMLElement): void {
  if (element.tabIndex < 0) element.tabIndex = -1;
  element.focus({ preventScroll: true });
}

/** What a rider does before another place can be meant. */
const ACTS = ['pointerdown', 'keydown', 'click', 'popstate'] as const;

/**
 * After a change of place by the rider focus goes to its heading, unless the page puts it into a field itself. Where the list
 * of a place stands as it stood, it goes to the heading of what was opened beside it. Before anything was done the router alone
 * changes places: on its way to an address whose scripts come late it goes by the place around it.
 */
export function useFocusOnHeading(path: string): void {
  const hasActed = useRef(false);
  useEffect(() => {
    const once = new AbortController();
    const act = () => {
      hasActed.current = true;
      once.abort();
    };
    for (const type of ACTS)
      window.addEventListener(type, act, { capture: true, signal: once.signal });
    return () => once.abort();
  }, []);
  const place = useRef<HTMLElement | null>(null);
  useEffect(() => {
    const arrives = hasActed.current;
    const stood = place.current;
    const began = performance.now();
    let frame = 0;
    let focused: HTMLElement | null = null;
    const look = () => {
      const main = document.getElementById('main');
      const active = document.activeElement;
      const typing = main && active instanceof HTMLInputElement && main.contains(active);
      if (arrives && typing) return;
      const [top, beside] = main ? headingsOf(main) : [];
      place.current = top ?? null;
      const late = performance.now() - began >= HEADING_MS;
      // What is opened beside a list may still be loading: it is waited for.
      const heading = top === stood ? (beside ?? (late ? top : undefined)) : top;
      // The page that is left may stand a while longer: its heading goes, and the new one takes its place.
      if (arrives && heading && !focused?.isConnected) {
        focusOn(heading);
        focused = heading;
      }
      if (!late) frame = requestAnimationFrame(look);
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
