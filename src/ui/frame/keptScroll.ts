import { useEffect, useRef } from 'react';
import type { ScrollView } from 'react-native';

/** Where each list and page was scrolled to, in this visit. */
const kept = new Map<string, number>();
/** Set by the browser's back and forward, and by a reload: what is shown next stands where it stood. */
let isReturning = false;
const returns = (ms: number) => {
  isReturning = true;
  setTimeout(() => (isReturning = false), ms);
};

/** What a reload, as a new version of the app needs one, finds again. */
const KEPT = 'dapper-spoke/scrolled';
/** After a reload the page is drawn once the logbook is open, ms. */
const OPENED_MS = 5000;

interface Kept {
  href: string;
  places: [string, number][];
}

function takeUpAgain(): void {
  try {
    const { href, places } = JSON.parse(sessionStorage.getItem(KEPT) ?? '{}') as Partial<Kept>;
    if (href !== location.href) return;
    for (const [key, top] of places ?? []) kept.set(key, Number(top) || 0);
    returns(OPENED_MS);
  } catch {
    // Not kept, or by a browser that keeps nothing: pages begin at their top.
  }
}

function keepForReload(): void {
  try {
    sessionStorage.setItem(KEPT, JSON.stringify({ href: location.href, places: [...kept] }));
  } catch {
    // As above.
  }
}

if (typeof window !== 'undefined') {
  takeUpAgain();
  window.addEventListener('popstate', () => returns(1000));
  window.addEventListener('pagehide', keepForReload);
}

/** A long list is drawn again bit by bit: so long it is followed to where it stood, ms. */
const GROWN_MS = 6000;

/**
 * Keeps how far something is scrolled: always, as a list beside what is opened from it needs it, or when the rider
 * comes back to it.
 */
export function useKeptScroll(key: string, always: boolean) {
  const ref = useRef<ScrollView>(null);
  useEffect(() => {
    const node = ref.current?.getScrollableNode?.() as HTMLElement | undefined;
    const wanted = kept.get(key) ?? 0;
    if (!node) return;
    const onScroll = () => kept.set(key, node.scrollTop);
    // First of all: once a list has drawn its rows for it, the browser would have to lay them out to answer.
    const first = { passive: true, capture: true };
    node.addEventListener('scroll', onScroll, first);
    let frame = 0;
    const began = performance.now();
    const restore = () => {
      node.scrollTop = wanted;
      if (node.scrollTop < wanted - 1 && performance.now() - began < GROWN_MS)
        frame = requestAnimationFrame(restore);
    };
    // A rider who scrolls meanwhile has the last word.
    const stop = () => cancelAnimationFrame(frame);
    node.addEventListener('wheel', stop, { passive: true });
    node.addEventListener('pointerdown', stop);
    if (wanted > 0 && (always || isReturning)) restore();
    return () => {
      stop();
      node.removeEventListener('wheel', stop);
      node.removeEventListener('pointerdown', stop);
      node.removeEventListener('scroll', onScroll, first);
    };
  }, [key, always]);
  return ref;
}
